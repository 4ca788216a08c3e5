<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Counter\ReadyShelf;
use KindHeel\App\Counter\ToldInput;
use KindHeel\App\Database\Row;
use KindHeel\App\Settings\WorkshopSettings;
use Psr\Clock\ClockInterface;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Exception\RfcComplianceException;

/**
 * Sends e-mails that wait, by day. A message is marked before it goes, so that whatever ends here in the middle, nobody is sent the same twice; what did not go
 * is tried again after a pause that grows.
 */
final readonly class Post
{
    /** Of one round. */
    private const MOST = 25;
    private const CUT_OFF_MINUTES = 10;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private MailerInterface $mailer,
        private ReadyShelf $shelf,
        private WorkshopSettings $settings,
        private ClockInterface $clock,
        private SendingHours $hours,
        private string $mailFrom,
    ) {
    }

    /**
     * @return int how many went
     *
     * @phpstan-impure
     */
    public function round(): int
    {
        $now = $this->clock->now();
        foreach ($this->inState(MessageState::Sending, $now->modify(\sprintf('-%d minutes', self::CUT_OFF_MINUTES))) as $id) {
            $this->entities->find(OwnerMessage::class, $id)?->isUnsure($now);
        }
        $this->entities->flush();
        if (!$this->hours->isNow()) {
            return 0;
        }
        $went = 0;
        foreach ($this->inState(MessageState::Waiting, $now) as $id) {
            $claimed = $this->connection->executeStatement(
                "UPDATE message SET state = 'sending', version = version + 1, not_before = ? WHERE id = ? AND state = 'waiting'",
                [Iso::toRow($now), $id],
            );
            $message = 1 === $claimed ? $this->entities->find(OwnerMessage::class, $id) : null;
            if (null !== $message) {
                $this->entities->refresh($message);
                $went += $this->send($message) ? 1 : 0;
                $this->entities->flush();
            }
        }

        return $went;
    }

    private function send(OwnerMessage $message): bool
    {
        $now = $this->clock->now();
        if (Occasion::Care === $message->occasion() && !$message->owner()->mayBeReminded()) {
            $message->notWanted($now);

            return false;
        }
        try {
            $this->mailer->send(
                (new Email())
                    ->from(new Address($this->mailFrom, $this->settings->identity()->name))
                    ->to(new Address($message->goesTo()))
                    ->subject($message->subject())
                    ->text($message->body()),
            );
        } catch (RfcComplianceException) {
            $message->cannotGo('That is no address for an e-mail.', $now);

            return false;
        } catch (TransportExceptionInterface $error) {
            $message->didNotGo(trim(strtok($error->getMessage(), "\n") ?: 'It did not go.'), $now);

            return false;
        }
        $message->went($now);
        if (Occasion::Ready === $message->occasion() && null !== $message->ticket()) {
            $this->shelf->told($message->ticket()->id(), new ToldInput('by e-mail'), $message->writtenBy());
        }

        return true;
    }

    /** @return list<int> e-mails whose hour has come */
    private function inState(MessageState $state, \DateTimeImmutable $until): array
    {
        return array_map(static fn (Row $r): int => $r->int('id'), Row::all(
            $this->connection,
            "SELECT id FROM message WHERE state = ? AND by_way = 'email' AND not_before <= ? ORDER BY not_before, id LIMIT ".self::MOST,
            [$state->value, Iso::toRow($until)],
        ));
    }
}
