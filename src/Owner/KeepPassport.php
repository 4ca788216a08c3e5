<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is written into the passport of a piece. */
final readonly class KeepPassport
{
    private const OLDEST = '-3 years';

    public function __construct(private EntityManagerInterface $entities, private Ledger $ledger, private ClockInterface $clock)
    {
    }

    /** @throws Refused|FieldError */
    public function use(int $id, CareUseInput $input): void
    {
        $this->passport($id, $input->version)->isUsed($input->use());
    }

    /** @throws FieldError on a day that has not come, or long ago */
    public function caredFor(int $id, CaredForInput $input): void
    {
        $today = $this->clock->now();
        $on = null === $input->on ? $today : new \DateTimeImmutable($input->on);
        if ($on > $today || $on < $today->modify(self::OLDEST)) {
            throw new FieldError('on', 'A day within the last three years, not one to come.');
        }
        $this->passport($id, null)->caredFor($input->kind, $on);
    }

    /** @throws Refused|FieldError */
    public function handOver(int $id, HandOverInput $input, Person $by): void
    {
        $passport = $this->passport($id, $input->version);
        $to = $this->entities->find(Owner::class, $input->to);
        if (null === $to || $to->isErased()) {
            throw new FieldError('to', 'That owner is not known here.');
        }
        if ($to === $passport->owner()) {
            throw new FieldError('to', 'It is theirs already.');
        }
        if (null !== $this->entities->getRepository(StoredPiece::class)->findOneBy(['passport' => $passport, 'collectedAt' => null])) {
            throw Refused::now('It is here at the moment, on its owner’s ticket. Hand it over once it has gone home.');
        }
        $passport->handOver($to);
        $last = $this->entities->getRepository(StoredPiece::class)->findOneBy(['passport' => $passport], ['id' => 'DESC']);
        if (null !== $last) {
            $this->ledger->piece(Event::Corrected, $last, $by, \sprintf('It belongs to another now: owner %d.', $to->id()));
        }
    }

    /** @throws Refused|FieldError */
    public function store(int $id, StoreInput $input): void
    {
        $this->passport($id, $input->version)->store(trim($input->at), null === $input->until ? null : new \DateTimeImmutable($input->until));
    }

    public function show(int $id): void
    {
        $this->passport($id, null)->showCare();
    }

    public function hide(int $id): void
    {
        $this->passport($id, null)->hideCare();
    }

    private function passport(int $id, ?int $version): Passport
    {
        $passport = $this->entities->find(Passport::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        if (null !== $version && $passport->version() !== $version) {
            throw Refused::stale('Somebody has written into this passport meanwhile. Look at it once more.');
        }

        return $passport;
    }
}
