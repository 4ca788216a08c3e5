<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\Ticket;
use KindHeel\App\People\Person;

/** What an owner is to pay, under a running number; written once and never changed. */
#[ORM\Entity]
#[ORM\Table(name: 'invoice')]
class Invoice
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $paidAt = null;
    #[ORM\Column(length: 40)]
    private string $how = '';

    /** @param list<array{what: string, cents: int}> $lines tax included */
    public function __construct(
        #[ORM\Column(unique: true)]
        private int $number,
        #[ORM\OneToOne, ORM\JoinColumn(nullable: false)]
        private Ticket $ticket,
        #[ORM\Column(length: 120)]
        private string $customer,
        #[ORM\Column(length: 3)]
        private string $currency,
        /** share of the net sum */
        #[ORM\Column(length: 8)]
        private string $taxShare,
        #[ORM\Column(name: 'written', type: 'json')]
        private array $lines,
        #[ORM\Column]
        private int $netCents,
        #[ORM\Column]
        private int $taxCents,
        #[ORM\Column]
        private int $grossCents,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
    }

    public function isPaid(): bool
    {
        return null !== $this->paidAt;
    }

    public function paid(\DateTimeImmutable $at, string $how): void
    {
        [$this->paidAt, $this->how] = [$at, $how];
    }

    public function notPaidAfterAll(): void
    {
        [$this->paidAt, $this->how] = [null, ''];
    }

    public function view(): InvoiceView
    {
        return new InvoiceView(
            $this->id ?? 0,
            $this->number,
            $this->ticket->id(),
            $this->customer,
            $this->currency,
            $this->at->format(\DATE_RFC3339),
            array_map(static fn (array $l): LineView => new LineView($l['what'], $l['cents']), $this->lines),
            $this->netCents,
            $this->taxCents,
            (string) ((float) $this->taxShare * 100.0),
            $this->grossCents,
            $this->paidAt?->format(\DATE_RFC3339),
            $this->how,
        );
    }
}
