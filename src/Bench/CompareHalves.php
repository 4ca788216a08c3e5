<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Plan\MakePlan;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Treatment\Action;

/** One half was treated first; dry and held against the other it is decided how the other goes on (T-8). */
final readonly class CompareHalves
{
    public function __construct(private AtHand $atHand, private WorkStep $work, private MakePlan $plan, private Ledger $ledger)
    {
    }

    /** @throws Refused|FieldError when nothing is compared in this step, or it is not said what did what */
    public function answer(int $id, CompareInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        if (Action::Compare !== $step->action()) {
            throw Refused::now('There is nothing to compare here.');
        }
        $piece = $step->piece();
        $at = $this->atHand->moment($input->at);
        $trial = CompareAnswer::Otherwise === $input->answer ? self::trial($step, $input) : null;
        $act = $this->work->end($step, new StepInput($input->version, $input->why, $input->at), $person);
        $this->ledger->step(Event::Compared, $step, $person, 'One half against the other: '.match ($input->answer) {
            CompareAnswer::Same => 'the same for the other.',
            CompareAnswer::Otherwise => \sprintf('%s: %s. The other goes another way.', $input->product?->label(), $input->outcome?->label()),
            CompareAnswer::Stop => 'no further; the other stays as it is.',
        }, at: $at);
        if (CompareAnswer::Same === $input->answer) {
            return;
        }
        $act->stays('The plan has gone another way since: change it there by hand.');
        if (null !== $trial) {
            $piece->tried($trial, $person, $at);
        } else {
            $piece->terms()->stopAfterOneHalf();
        }
        $this->plan->plan($piece, $person);
    }

    /**
     * What a product did on the first half binds the same skin everywhere.
     *
     * @throws FieldError when it was not laid there, or that cannot come of it
     */
    private static function trial(StoredStep $step, CompareInput $input): RecordedTrial
    {
        $product = $input->product ?? throw new FieldError('product', 'Which product did it?');
        $outcome = $input->outcome ?? throw new FieldError('outcome', 'What did it do?');
        if (!$outcome->spoils()) {
            throw new FieldError('outcome', 'Where nothing went wrong the other half gets the same.');
        }
        $laid = self::laid($step, $product);

        return [] === $laid
            ? throw new FieldError('product', \sprintf('%s was not laid on the first half.', ucfirst($product->label())))
            : new RecordedTrial($laid[0], \array_slice($laid, 1), new TrialResult(Trial::WearOne, $outcome), $product);
    }

    /** @return list<Place> */
    private static function laid(StoredStep $compare, FamilyId $product): array
    {
        foreach ($compare->piece()->steps() as $step) {
            $done = $step->toNeed()->step;
            if ($step->isDone() && $done->laysProduct() && $done->family === $product) {
                return $done->on;
            }
        }

        return [];
    }
}
