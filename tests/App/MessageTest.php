<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Counter\LeavingView;
use KindHeel\App\Counter\ReadyShelf;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Message\MessageState;
use KindHeel\App\Message\MessagesView;
use KindHeel\App\Message\MessageTextView;
use KindHeel\App\Message\MessageView;
use KindHeel\App\Message\Post;
use KindHeel\App\Message\PreviewView;
use KindHeel\App\Message\SeasonView;
use KindHeel\App\Message\SendingHours;
use KindHeel\App\Owner\OwnerDetailsView;
use KindHeel\App\Owner\OwnerListView;
use KindHeel\App\Owner\PassportView;
use KindHeel\App\Settings\WorkshopSettings;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\RawMessage;

/** Owners are told what is due, ready or late: once, by day, and only who wants it. */
final class MessageTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('ida');
    }

    public function testWhoIsDueIsToldOnceInOneMessage(): void
    {
        $odile = $this->wentHome('Odile Marchetti', 'odile@example.org', pieces: 2);
        $this->wentHome('Bruno Achterberg', '0664 9', reminds: false);
        $season = $this->season();
        self::assertSame([$odile], array_map(static fn ($o): int => $o->owner, $season->owners));
        self::assertSame(1, $season->notAsked, 'Bruno has not said that he wants it');
        self::assertCount(2, array_unique(array_map(static fn ($c): int => $c->passport, $season->owners[0]->cares)));
        self::assertFalse($season->owners[0]->told);

        $preview = $this->must(PreviewView::class, 'GET', "/api/season/2026-12/owners/$odile");
        $all = $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$odile]]);
        self::assertSame([$all->messages[0]->subject, $all->messages[0]->body], [$preview->subject, $preview->body]);
        self::assertCount(1, $all->messages, 'one for both pairs');
        $message = $all->messages[0];
        self::assertSame(['odile@example.org', MessageState::Waiting, true], [$message->to, $message->state, $all->simulated]);
        self::assertStringContainsString('Dear Odile Marchetti', $message->body);
        self::assertSame(\count($season->owners[0]->cares), substr_count($message->body, "\n– "));
        self::assertTrue($this->season()->owners[0]->told);
        self::assertStringContainsString('know already', $this->refused(409, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$odile]])->detail);

        self::assertSame(1, $this->post()->round());
        self::assertSame(0, $this->post()->round(), 'never twice');
        $sent = $this->mails();
        self::assertSame(['odile@example.org', $message->subject], [$sent[0]->getTo()[0]->getAddress(), $sent[0]->getSubject()]);
        self::assertSame($message->body, $sent[0]->getTextBody());
        self::assertSame(MessageState::Sent, $this->messages()[0]->state);
        $this->refused(409, 'POST', '/api/messages/'.$message->id.'/stop');

        // What is done meanwhile is not due; the next round they are told again.
        $passport = $this->must(PassportView::class, 'GET', '/api/passports/'.$season->owners[0]->cares[0]->passport);
        $this->must(PassportView::class, 'POST', "/api/passports/{$passport->id}/cares", ['kind' => $season->owners[0]->cares[0]->kind->value]);
        $this->clock->sleep(400 * 86400);
        self::assertFalse($this->season('2028-01')->owners[0]->told);
    }

    public function testWhoDoesNotWantItAndWhoseFieldIsUnknownIsSentNothing(): void
    {
        $bruno = $this->wentHome('Bruno Achterberg', 'bruno@example.org', reminds: false);
        $this->refused(409, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$bruno]]);
        $text = $this->must(MessageTextView::class, 'GET', '/api/message-texts/care');
        $given = ['subject' => $text->subject, 'text' => 'Dear {owner}, {soon}'];
        self::assertStringContainsString('{soon}', $this->refused(422, 'PUT', '/api/message-texts/care', $given)->detail);
        self::assertSame($text->text, $this->must(MessageTextView::class, 'GET', '/api/message-texts/care')->text, 'what was stored stays');
        $words = ['subject' => 'Soon winter', 'text' => 'Hello {owner}: {care} <b>{reach}</b>'];
        $own = $this->must(MessageTextView::class, 'PUT', '/api/message-texts/care', $words);
        $odile = $this->wentHome('Odile <i>Marchetti</i>', 'odile@example.org');
        $body = $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$odile]])->messages[0]->body;
        self::assertStringStartsWith("Hello Odile <i>Marchetti</i>: Pair 1\n– ", $body, 'texts are shown as text');
        self::assertSame('Soon winter', $own->subject);
        // She says meanwhile that she does not want it.
        $this->connection()->executeStatement('UPDATE owner SET may_remind = 0');
        self::assertSame(0, $this->post()->round());
        self::assertSame([MessageState::Stopped], array_map(static fn (MessageView $m): MessageState => $m->state, $this->messages()));
        self::assertSame([], $this->mails());
    }

    public function testNobodyIsWrittenToAtNight(): void
    {
        $odile = $this->wentHome('Odile Marchetti', 'odile@example.org');
        $this->clock->modify('2026-12-10T22:30:00+00:00');
        $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$odile]]);
        self::assertStringContainsString('2026-12-11T07:00:00', $this->messages()[0]->notBefore, 'eight in the morning in Vienna');
        self::assertSame(0, $this->post()->round());
        $this->clock->modify('2026-12-11T07:01:00+00:00');
        self::assertSame(1, $this->post()->round());
    }

    public function testWhatDoesNotGoIsTriedAgainAndThenSaid(): void
    {
        $odile = $this->wentHome('Odile Marchetti', 'odile@example.org');
        $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$odile]]);
        $broken = new class implements MailerInterface {
            public int $tries = 0;

            public function send(RawMessage $message, mixed $envelope = null): void
            {
                ++$this->tries;
                throw new TransportException("Nobody answers at the post office.\nA trace.");
            }
        };
        $post = $this->post($broken);
        self::assertSame(0, $post->round());
        self::assertSame(0, $post->round());
        self::assertSame(1, $broken->tries, 'after a pause only');
        foreach ([5, 30, 120, 720] as $minutes) {
            $this->clock->sleep($minutes * 60);
            $this->clock->modify($this->clock->now()->setTime(12, 0)->modify($minutes > 500 ? '+1 day' : '+0 day')->format('c'));
            $this->connection()->executeStatement('UPDATE message SET not_before = LEAST(not_before, ?)', [$this->clock->now()->format('Y-m-d H:i:s')]);
            $post->round();
        }
        self::assertSame(5, $broken->tries);
        $all = $this->must(MessagesView::class, 'GET', '/api/messages?state=failed');
        self::assertSame([1, 'Nobody answers at the post office.', 5], [$all->failed, $all->messages[0]->failure, $all->messages[0]->tries]);
        $post->round();
        self::assertSame(5, $broken->tries);
        // Sent again it goes to where she is reached now.
        $owner = $this->must(OwnerDetailsView::class, 'GET', "/api/owners/$odile");
        $this->must(OwnerDetailsView::class, 'PUT', "/api/owners/$odile", [
            'version' => $owner->version, 'name' => $owner->name, 'mayRemind' => true, 'ways' => [['by' => 'email', 'at' => 'odile@other.example.org']],
        ]);
        $this->must(MessageView::class, 'POST', "/api/messages/{$all->messages[0]->id}/again");
        self::assertSame(1, $this->post()->round());
        self::assertSame('odile@other.example.org', $this->mails()[0]->getTo()[0]->getAddress());
        self::assertSame(0, $this->must(MessagesView::class, 'GET', '/api/messages')->failed);
    }

    public function testWhatWasCutOffIsNotSentAgainByItself(): void
    {
        $odile = $this->wentHome('Odile Marchetti', 'not an address');
        $this->connection()->executeStatement("UPDATE owner SET ways = '[{\"by\": \"email\", \"at\": \"not an address\"}]'");
        self::getContainer()->get('doctrine')->getManager()->clear();
        $id = $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$odile]])->messages[0]->id;
        self::assertSame(0, $this->post()->round());
        self::assertSame(['That is no address for an e-mail.', MessageState::Failed], [$this->messages()[0]->failure, $this->messages()[0]->state]);
        $this->connection()->executeStatement("UPDATE message SET state = 'sending', failure = ''");
        self::getContainer()->get('doctrine')->getManager()->clear();
        $this->clock->sleep(11 * 60);
        self::assertSame(0, $this->post()->round());
        self::assertStringContainsString('may have gone or not', $this->messages()[0]->failure);
        self::assertSame([], $this->mails());
        $this->must(MessageView::class, 'POST', "/api/messages/$id/stop");
        self::assertFalse($this->season()->owners[0]->told, 'another may tell it');
    }

    public function testLettersAndCallsWaitForHands(): void
    {
        $bruno = $this->wentHome('Bruno Achterberg', '0664 123 45');
        $id = $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$bruno]])->messages[0]->id;
        self::assertSame(0, $this->post()->round());
        $this->signIn('wren');
        $calls = $this->must(MessagesView::class, 'GET', '/api/messages?state=waiting&by=phone');
        self::assertSame([1, 0, [$id]], [$calls->calls, $calls->letters, array_map(static fn (MessageView $m): int => $m->id, $calls->messages)]);
        self::assertSame(MessageState::Sent, $this->must(MessageView::class, 'POST', "/api/messages/$id/done")->state);
        self::assertSame(0, $this->must(MessagesView::class, 'GET', '/api/messages')->calls);
        $this->refused(409, 'POST', "/api/messages/$id/done");
    }

    public function testWhoSaysNoIsNeitherRungUpNorWrittenTo(): void
    {
        [$ruth, $bruno] = [$this->wentHome('Ruth Halloran', 'calls by after school'), $this->wentHome('Bruno Achterberg', '0664 123 45')];
        $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$ruth, $bruno]]);
        $calls = $this->must(MessagesView::class, 'GET', '/api/messages?state=waiting&by=phone');
        self::assertSame([2, 2], [$calls->calls, \count($calls->messages)], 'who is reached in another way is told on the same round');
        $owner = $this->must(OwnerDetailsView::class, 'GET', "/api/owners/$bruno");
        $this->must(OwnerDetailsView::class, 'PUT', "/api/owners/$bruno", ['version' => $owner->version, 'name' => $owner->name, 'mayRemind' => false]);
        $left = $this->must(MessagesView::class, 'GET', '/api/messages?state=waiting&by=phone');
        self::assertSame([1, [$ruth]], [$left->calls, array_map(static fn (MessageView $m): int => $m->owner, $left->messages)]);
        self::assertSame(MessageState::Stopped, $this->must(MessagesView::class, 'GET', "/api/messages?owner=$bruno")->messages[0]->state);
    }

    public function testThatItIsReadyAndThatItWillBeLateGoTheSameWay(): void
    {
        $id = $this->plannedPair(promisedAt: '2026-03-06T18:00:00+01:00');
        $ticket = $this->ticketOf($id);
        $this->reached($ticket, 'odile@example.org');
        self::assertStringContainsString('ready yet', $this->refused(409, 'POST', "/api/tickets/$ticket/messages", ['occasion' => 'ready'])->detail);
        $this->refused(422, 'POST', "/api/tickets/$ticket/messages", ['occasion' => 'late']);
        $late = ['occasion' => 'late', 'why' => 'the dye is not dry.'];
        $told = $this->must(MessageView::class, 'POST', "/api/tickets/$ticket/messages", $late, 201);
        self::assertStringContainsString('by Friday 6 March, 18:00, later than we said, because the dye is not dry.', $told->body);
        self::assertStringContainsString('told that', $this->refused(409, 'POST', "/api/tickets/$ticket/messages", $late)->detail);
        $this->doCall($this->workUntil('Look at the pair'));
        $this->must(MessageView::class, 'POST', "/api/tickets/$ticket/messages", ['occasion' => 'ready'], 201);
        $this->refused(409, 'POST', "/api/tickets/$ticket/messages", ['occasion' => 'ready']);
        self::assertNull($this->must(LeavingView::class, 'GET', "/api/tickets/$ticket/leaving")->ticket->toldAt, 'not before it has gone');
        $this->clock->modify('+1 day');
        $this->clock->modify($this->clock->now()->setTime(12, 0)->format('c'));
        self::assertSame(2, $this->post()->round());
        self::assertNotNull($this->must(LeavingView::class, 'GET', "/api/tickets/$ticket/leaving")->ticket->toldAt);
    }

    public function testMessagesFollowWhoIsJoinedAndGoWithWhoIsErased(): void
    {
        $odile = $this->wentHome('Odile Marchetti', 'odile@example.org');
        $other = $this->wentHome('O. Marchetti', '0664 1');
        $this->must(MessagesView::class, 'POST', '/api/season', ['month' => '2026-12', 'owners' => [$odile, $other]]);
        $version = $this->must(OwnerDetailsView::class, 'GET', "/api/owners/$odile")->version;
        $this->must(OwnerDetailsView::class, 'POST', "/api/owners/$odile/joined", ['version' => $version, 'other' => $other]);
        self::assertCount(2, $this->must(MessagesView::class, 'GET', "/api/messages?owner=$odile")->messages);
        $this->must(OwnerDetailsView::class, 'DELETE', "/api/owners/$odile");
        self::assertSame([0, 0], [$this->rows('message'), $this->rows('message_about')]);
    }

    public function testASeasonOfManyAsksNoMoreOfTheDatabaseThanOneOfOne(): void
    {
        foreach (range(1, 4) as $n) {
            $this->wentHome("Owner $n", "owner$n@example.org");
        }
        $look = function (): void {
            self::getContainer()->get('doctrine')->getManager()->clear();
            self::assertCount(4, $this->season()->owners);
        };
        self::assertLessThanOrEqual(12, $this->statements($look));
    }

    private function season(string $month = '2026-12'): SeasonView
    {
        return $this->must(SeasonView::class, 'GET', "/api/season/$month");
    }

    /** @return list<MessageView> */
    private function messages(): array
    {
        return $this->must(MessagesView::class, 'GET', '/api/messages')->messages;
    }

    private function post(?MailerInterface $mailer = null): Post
    {
        $services = self::getContainer();
        $services->get('doctrine')->resetManager();

        return new Post(
            $services->get(EntityManagerInterface::class),
            $this->connection(),
            $mailer ?? $services->get(MailerInterface::class),
            $services->get(ReadyShelf::class),
            $services->get(WorkshopSettings::class),
            $this->clock,
            $services->get(SendingHours::class),
            'workshop@example.org',
        );
    }

    /** @return list<Email> */
    private function mails(): array
    {
        $log = self::getContainer()->get('mailer.message_logger_listener');

        return array_values(array_filter($log->getEvents()->getMessages(), static fn (RawMessage $m): bool => $m instanceof Email));
    }

    /** Pieces of an owner that went home in spring; it is December now. */
    private function wentHome(string $name, string $contact, int $pieces = 1, bool $reminds = true): int
    {
        $promised = $this->clock->now()->modify('+7 days')->format(\DATE_RFC3339);
        $body = ['customer' => $name, 'contact' => $contact, 'promisedAt' => $promised] + $this->ticketBody();
        $body['pieces'] = array_map(static fn (int $i): array => ['name' => "Pair $i"] + self::PIECE, range(1, $pieces));
        $this->must(TicketView::class, 'POST', '/api/tickets', $body, 201);
        $owner = $this->must(OwnerListView::class, 'GET', '/api/owners/all?find='.rawurlencode($name))->owners[0]->id;
        $this->connection()->executeStatement('UPDATE owner SET may_remind = ? WHERE id = ?', [(int) $reminds, $owner]);
        $this->connection()->executeStatement("UPDATE piece SET finished_at = '2026-03-05 12:00:00', collected_at = '2026-03-06 12:00:00'");
        $this->connection()->executeStatement("UPDATE passport SET since = '2026-03-01 09:00:00'");
        self::getContainer()->get('doctrine')->getManager()->clear();
        if ($this->clock->now() < new \DateTimeImmutable('2026-12-10')) {
            $this->clock->modify('2026-12-10T11:00:00+00:00');
            $this->signIn('ida');
        }

        return $owner;
    }

    private function ticketOf(int $piece): int
    {
        $ticket = $this->connection()->fetchOne('SELECT ticket_id FROM piece WHERE id = ?', [$piece]);
        \assert(is_numeric($ticket));

        return (int) $ticket;
    }

    private function reached(int $ticket, string $at): void
    {
        $this->connection()->executeStatement(
            'UPDATE owner o JOIN ticket t ON t.owner_id = o.id SET o.ways = ? WHERE t.id = ?',
            [json_encode([['by' => 'email', 'at' => $at]], \JSON_THROW_ON_ERROR), $ticket],
        );
        self::getContainer()->get('doctrine')->getManager()->clear();
    }
}
