<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Treatment\Planning\Rework;
use KindHeel\Core\Treatment\Planning\ReworkError;
use KindHeel\Core\Treatment\Step;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Changes a plan by hand, one change at a time; what was done or is under way stays where it is. */
final readonly class ChangePlan
{
    public function __construct(private EntityManagerInterface $entities, private Ledger $ledger, private RedrawPlan $redraw)
    {
    }

    /** @throws Refused|FieldError */
    public function __invoke(int $id, ChangeInput $input, Person $person): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        if ($piece->version() !== $input->version) {
            throw Refused::stale('Somebody else has changed this plan meanwhile. Look at it once more.');
        }
        if (Change::Override === $input->change) {
            $this->override($piece, $input, $person);

            return;
        }
        $worked = [];
        foreach ($piece->steps() as $step) {
            if (!$step->isOpen()) {
                $worked[] = $step->key();
            }
        }
        if (\in_array($input->step, $worked, true)) {
            throw Refused::now('That step has been begun; it stays as it is.');
        }
        $said = '';
        try {
            $this->redraw->redraw($piece, function (Rework $rework) use ($input, $worked, &$said): Rework {
                [$changed, $said] = $this->change($rework, $input);
                if (\array_slice(array_map(static fn (Step $s): string => $s->id, $changed->steps), 0, \count($worked)) !== $worked) {
                    throw Refused::now('What has been begun comes first; the step goes after it.');
                }

                return $changed;
            }, \sprintf('Put in by %s.', $person->name()));
        } catch (ReworkError $error) {
            throw Refused::now($error->getMessage());
        }
        $piece->terms()->byHand(true);
        $this->ledger->piece(Event::Planned, $piece, $person, 'Changed by hand: '.$said);
    }

    /**
     * @return array{Rework, string} the changed plan, and what was changed in words
     *
     * @throws ReworkError|FieldError
     */
    private function change(Rework $rework, ChangeInput $input): array
    {
        $id = $input->step ?? '';
        $told = Change::Add === $input->change ? '' : self::told($rework->step($id));

        return match ($input->change) {
            Change::Move => [$rework->moved($id, $input->before), $told.' moved.'],
            Change::Drop => [$rework->dropped($id), $told.' left out.'],
            Change::Add => [$rework->added($input->newStep(), $input->before), self::told($input->newStep()).' put in.'],
            Change::Swap => [
                $rework->swapped(
                    $id,
                    $input->family ?? throw new FieldError('family', 'Which product instead?'),
                    $input->applicator ?? $rework->step($id)->applicator,
                ),
                \sprintf('%s instead of %s.', ucfirst($input->family->label()), $told),
            ],
            Change::Coats => [
                $rework->coated($id, $input->coats ?? throw new FieldError('coats', 'How many coats?')),
                \sprintf('%s: %d coats.', $told, $input->coats),
            ],
            Change::Hurry => [$rework->hurried($id, $input->after ?? ''), $told.' no longer waits.'],
            default => $this->mend($rework, $id, $input->rule ?? ''),
        };
    }

    /**
     * @return array{Rework, string}
     *
     * @throws ReworkError when no small change helps
     */
    private function mend(Rework $rework, string $id, string $rule): array
    {
        $mended = $rework->mended($id, $rule) ?? throw new ReworkError('No small change mends this. Plan anew, or take the step out.');

        return [$mended->rework, $mended->sentence];
    }

    private function override(StoredPiece $piece, ChangeInput $input, Person $person): void
    {
        if (null === $input->rule || null === $input->reason || '' === trim($input->reason)) {
            throw new FieldError('reason', 'Say why, so that it can be understood later.');
        }
        foreach ($piece->steps() as $step) {
            if ($step->key() === $input->step) {
                $step->overrule($input->rule, trim($input->reason), $person->name());
                $piece->terms()->byHand(true);
                $this->ledger->piece(
                    Event::Overridden,
                    $piece,
                    $person,
                    \sprintf('%s at “%s” gone over: %s', $input->rule, $step->title(), trim($input->reason)),
                );

                return;
            }
        }
        throw Refused::now('There is no such step in the plan.');
    }

    private static function told(Step $step): string
    {
        return ucfirst($step->family?->label() ?? $step->action->label()).(Applicator::None === $step->applicator ? '' : ' ('.$step->applicator->label().')');
    }
}
