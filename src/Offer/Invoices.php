<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is to be paid for a ticket, and that it was. */
final readonly class Invoices
{
    public function __construct(private EntityManagerInterface $entities, private Ledger $ledger, private ClockInterface $clock)
    {
    }

    /** @throws Refused where a price was never agreed on, or it has been written already */
    public function write(int $id, Person $by): void
    {
        $ticket = $this->entities->find(Ticket::class, $id) ?? throw new NotFoundHttpException();
        if (null !== $this->entities->getRepository(Invoice::class)->findOneBy(['ticket' => $id])) {
            throw Refused::now('An invoice has been written for this ticket already.');
        }
        $lines = [];
        $terms = null;
        foreach ($ticket->pieces() as $piece) {
            $offer = $this->entities->getRepository(Offer::class)->findOneBy(['piece' => $piece->id()], ['id' => 'DESC']);
            if (null === $offer || null === $offer->chosen() && !$offer->isLeft()) {
                throw Refused::now(\sprintf('No price was agreed for “%s”. Lay the ways before the owner first.', $piece->name()));
            }
            $terms ??= $offer->terms();
            if (null !== $offer->chosen()) {
                $lines[] = ['what' => \sprintf('%s: %s', $piece->name(), $offer->chosen()->label()), 'cents' => (int) $offer->grossCents()];
            }
            foreach ($this->entities->getRepository(Supplement::class)->findBy(['piece' => $piece->id()], ['id' => 'ASC']) as $more) {
                if ($more->isAgreed()) {
                    $lines[] = ['what' => \sprintf('%s: %s', $piece->name(), $more->what()), 'cents' => $more->grossCents()];
                }
            }
        }
        if (null === $terms || [] === $lines) {
            throw Refused::now('There is nothing to be paid.');
        }
        $gross = array_sum(array_column($lines, 'cents'));
        // What of the sum is tax, to the cent: gross × t ÷ (1 + t).
        $tax = BigDecimal::of($gross)->multipliedBy($terms->tax)->toBigRational()->dividedBy(BigDecimal::of($terms->tax)->plus(1))
            ->toScale(0, RoundingMode::HalfUp)->toInt();
        // Whoever writes the next one waits: no number is left out or given twice.
        $last = Row::first($this->entities->getConnection(), 'SELECT number FROM invoice ORDER BY number DESC LIMIT 1 FOR UPDATE')?->int('number') ?? 0;
        $this->entities->persist(new Invoice(
            $last + 1,
            $ticket,
            $ticket->customer(),
            $terms->currency,
            $terms->tax,
            $lines,
            $gross - $tax,
            $tax,
            $gross,
            $by,
            $this->clock->now(),
        ));
        $this->ledger->piece(
            Event::Invoiced,
            $ticket->pieces()[0],
            $by,
            \sprintf('Invoice %d written: %s.', $last + 1, LineView::money($gross, $terms->currency)),
        );
    }

    public function paid(int $id, PaidInput $input): void
    {
        $invoice = $this->entities->find(Invoice::class, $id) ?? throw new NotFoundHttpException();
        if ($invoice->isPaid() === $input->paid) {
            throw Refused::now($input->paid ? 'This has been paid already.' : 'This has not been paid.');
        }
        $input->paid ? $invoice->paid($this->clock->now(), trim($input->how)) : $invoice->notPaidAfterAll();
    }
}
