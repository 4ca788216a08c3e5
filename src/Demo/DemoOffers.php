<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Offer\AnswerInput;
use KindHeel\App\Offer\ChooseInput;
use KindHeel\App\Offer\CurrentPrices;
use KindHeel\App\Offer\Invoice;
use KindHeel\App\Offer\Invoices;
use KindHeel\App\Offer\Offer;
use KindHeel\App\Offer\OfferInput;
use KindHeel\App\Offer\OfferWork;
use KindHeel\App\Offer\PaidInput;
use KindHeel\App\Offer\PriceTermsInput;
use KindHeel\App\Offer\Supplement;
use KindHeel\App\Offer\SupplementInput;
use KindHeel\App\Offer\Supplements;
use KindHeel\App\People\Person;
use KindHeel\Core\Offer\Meaning;

/** Offers of the demo at every stage: laid before an owner, taken, signed, with something found beside, written as invoices, paid and open. */
final readonly class DemoOffers
{
    public function __construct(
        private EntityManagerInterface $entities,
        private OfferWork $work,
        private Supplements $supplements,
        private Invoices $invoices,
        private CurrentPrices $prices,
    ) {
    }

    public function prices(Person $owner): void
    {
        $jobs = Row::all($this->entities->getConnection(), 'SELECT id FROM usual_job ORDER BY id LIMIT 3');
        $fixed = [];
        foreach ($jobs as $i => $job) {
            $fixed[$job->int('id')] = ['38.00', '46.00', '62.00'][$i];
        }
        $this->prices->set(new PriceTermsInput(
            'EUR',
            '54.00',
            false,
            ['colouring' => '60.00', 'handling' => '42.00'],
            [],
            '30',
            '10',
            '15',
            '2.50',
            '25.00',
            '25',
            '19',
            '0.50',
            $fixed,
            0,
        ), $owner);
        $this->entities->flush();
    }

    public function offer(StoredPiece $piece, ?int $replaceCents, Meaning $meaning, Person $by): void
    {
        $this->work->make($piece->id(), new OfferInput($piece->version(), $replaceCents, $meaning), $by);
    }

    /** The owner takes what was asked for. */
    public function take(StoredPiece $piece, Person $by): void
    {
        $offer = $this->entities->getRepository(Offer::class)->findOneBy(['piece' => $piece->id()], ['id' => 'DESC']);
        if (null !== $offer) {
            $this->work->choose($offer->id(), new ChooseInput($piece->version(), $piece->toCore()->agreed->aim), $by);
        }
    }

    /** Something was found beside on two pieces at work: one owner has agreed, the other is still to be asked. */
    public function beside(Person $by): void
    {
        $found = [
            'The lining is open at the heel of the left one' => 25, 'One eyelet has worn through' => 12,
        ];
        $pieces = Row::all(
            $this->entities->getConnection(),
            'SELECT p.id FROM piece p WHERE p.finished_at IS NULL
                AND EXISTS (SELECT 1 FROM offer o WHERE o.piece_id = p.id AND o.chosen IS NOT NULL) ORDER BY p.id',
        );
        foreach (array_keys($found) as $i => $what) {
            if (isset($pieces[$i])) {
                $this->supplements->tell($pieces[$i]->int('id'), new SupplementInput($what, $found[$what]), $by);
            }
        }
        $this->entities->flush();
        $first = $this->entities->getRepository(Supplement::class)->findOneBy([], ['id' => 'ASC']);
        if (null !== $first) {
            $this->supplements->answer($first->id(), new AnswerInput(true, $first->piece()->ticket()->customer(), 'by telephone'), $by);
            $this->entities->flush();
        }
    }

    /** What has gone home is written up; all but the newest has been paid. */
    public function invoices(Person $by): void
    {
        foreach (Row::all(
            $this->entities->getConnection(),
            'SELECT ticket_id FROM piece GROUP BY ticket_id HAVING SUM(finished_at IS NULL) = 0 ORDER BY MAX(finished_at)',
        ) as $row) {
            try {
                $this->invoices->write($row->int('ticket_id'), $by);
                $this->entities->flush();
            } catch (Refused) {
                // No price was agreed with that one: it was done in the old way.
            }
        }
        $invoices = $this->entities->getRepository(Invoice::class)->findBy([], ['number' => 'DESC']);
        foreach (\array_slice($invoices, 1) as $invoice) {
            $this->invoices->paid($invoice->view()->id, new PaidInput(true, 'in cash'));
        }
        $this->entities->flush();
    }
}
