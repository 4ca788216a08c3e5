<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Colour\PieceColourView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Intake\OwnersView;
use KindHeel\App\Intake\UsualJobsView;
use KindHeel\App\Intake\UsualJobView;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\FindingView;
use KindHeel\App\Piece\PartView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\App\Promise\PromiseView;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use PHPUnit\Framework\Attributes\TestWith;

/** The counter in two minutes: known owners, usual jobs, a day promised when there is a plan. */
final class IntakeTest extends ApiTestCase
{
    private const OXFORDS = ['name' => 'The oxfords', 'kind' => 'low-shoe/oxford', 'aim' => 'freshen', 'sizeEu' => 43.0, 'shade' => 'black'];

    #[TestWith(['ORS'])]
    #[TestWith(['vane'])]
    #[TestWith(['555 01'])]
    #[TestWith(['55501'])]
    public function testAKnownOwnerIsFoundByAFewLettersOrFigures(string $letters): void
    {
        $this->signIn();
        $this->intake(customer: 'Orsolya Vane', contact: '0676 555-01 22');
        $this->intake(customer: 'Ana Orsini', contact: '0699 1');
        $this->intake(customer: 'Orsolya Vane', contact: '0676 555-01 22', name: 'The boots', kind: 'boot/ankle');
        $found = $this->must(OwnersView::class, 'GET', '/api/owners?find='.rawurlencode($letters))->owners;
        $orsolya = self::firstOf($found, static fn ($o): bool => 'Orsolya Vane' === $o->customer);
        self::assertSame('0676 555-01 22', $orsolya->contact);
        self::assertSame(['The boots', 'The oxfords'], array_map(static fn ($p): string => $p->name, $orsolya->pieces), 'the newest first, each once');
        self::assertSame([43.0, 'black'], [$orsolya->pieces[1]->sizeEu, $orsolya->pieces[1]->shade->value]);
    }

    #[TestWith(['%'])]
    #[TestWith(['_x'])]
    #[TestWith(['o'])]
    #[TestWith(["' OR 1=1 --"])]
    public function testLettersThatAreNoneFindNobody(string $letters): void
    {
        $this->signIn();
        $this->intake(customer: 'Orsolya Vane');
        self::assertSame([], $this->must(OwnersView::class, 'GET', '/api/owners?find='.rawurlencode($letters))->owners);
    }

    public function testNoDayIsPromisedUntilThereIsAPlanAndNoneOnAClosedDay(): void
    {
        $this->signIn();
        $ticket = $this->intake();
        self::assertFalse($ticket->promised);
        $reckoned = new \DateTimeImmutable($ticket->promisedAt);
        self::assertGreaterThanOrEqual($this->clock->now()->modify('+6 days')->getTimestamp(), $reckoned->getTimestamp());
        self::assertLessThan(7, (int) $reckoned->format('N'), 'somebody works on that day');
        $piece = $this->must(PieceView::class, 'GET', '/api/pieces/'.$ticket->pieces[0]->id);
        self::assertFalse($piece->promised);
        $this->must(PlanView::class, 'POST', '/api/pieces/'.$piece->id.'/plan', ['version' => $piece->version]);
        $offer = $this->must(PromiseView::class, 'GET', "/api/tickets/{$ticket->id}/promise");
        self::assertFalse($offer->promised);
        self::assertNotNull($offer->certain);
        $this->must(PromiseView::class, 'POST', "/api/tickets/{$ticket->id}/promise", ['promisedAt' => $offer->certain, 'was' => $offer->promisedAt]);
        self::assertTrue($this->must(TicketView::class, 'GET', "/api/tickets/{$ticket->id}")->promised);
        $said = self::firstOf(
            $this->must(LedgerView::class, 'GET', '/api/ledger/'.$piece->id)->entries,
            static fn ($e): bool => Event::Promised === $e->event,
        )->text;
        self::assertStringNotContainsString('before that', $said, 'nothing was promised before');
    }

    public function testAUsualJobIsWrittenDownAndPlannedAtOnce(): void
    {
        $this->signIn();
        $job = $this->job('Polish');
        $ticket = $this->intake(gloss: $job->gloss->value, with: ['job' => $job->id]);
        self::assertTrue($ticket->pieces[0]->hasPlan);
        $piece = $this->must(PieceView::class, 'GET', '/api/pieces/'.$ticket->pieces[0]->id);
        self::assertSame(['freshen', 'glow'], [$piece->aim->value, $piece->gloss->value]);
        $found = array_map(static fn (FindingView $f): string => $f->kind->value.' '.$f->half->value.' '.$f->part->value, $piece->findings);
        self::assertContains('dust left vamp', $found);
        self::assertContains('dust right counter', $found);
        self::assertContains('scuff left toe', $found);
        self::assertNotContains('scuff left vamp', $found);
        self::assertGreaterThan(8, \count($this->must(PlanView::class, 'GET', '/api/pieces/'.$piece->id.'/plan')->steps));
    }

    public function testWhatIsChosenOnTheTicketGoesBeforeTheJobAndNoJobIsDoneToWhatItIsNotFor(): void
    {
        $this->signIn();
        $ticket = $this->intake(gloss: 'matt', with: ['job' => $this->job('Polish')->id]);
        self::assertSame('matt', $this->must(PieceView::class, 'GET', '/api/pieces/'.$ticket->pieces[0]->id)->gloss->value);
        $refused = $this->refused(409, 'POST', '/api/intake', $this->body(kind: 'trainer/court', with: ['job' => $this->job('Polish')->id]));
        self::assertStringContainsString('“Polish” is no job for this kind', $refused->detail);
    }

    public function testARecolourSaysItsColoursAtTheCounter(): void
    {
        $this->signIn();
        $with = ['newColours' => [['shade' => 'navy'], ['shade' => 'ivory', 'parts' => ['toe', 'counter']]]];
        self::assertStringContainsString('to be recoloured', $this->refused(422, 'POST', '/api/intake', $this->body(with: $with))->detail);
        self::assertSame(0, $this->rows('ticket'), 'nothing of it is kept');
        $id = $this->must(TicketView::class, 'POST', '/api/intake', $this->body(with: $with, aim: 'recolour'), 201)->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        self::assertSame(['recolour', 'navy'], [$piece->aim->value, $piece->newShade?->value]);
        $own = [];
        foreach ($piece->parts as $part) {
            if (null !== $part->agreed) {
                $own[] = $part->half->value.' '.$part->part->value.' '.$part->agreed->newShade?->value;
            }
        }
        sort($own);
        self::assertSame(['left counter ivory', 'left toe ivory', 'right counter ivory', 'right toe ivory'], $own, 'the rest goes with the piece');
        $wanted = [];
        foreach ($this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour")->readings as $reading) {
            $wanted[$reading->half->value.' '.$reading->part->value] = $reading->seen->daylight;
        }
        self::assertSame($wanted['left toe'], $wanted['right counter']);
        self::assertSame($wanted['left vamp'], $wanted['right quarter']);
        self::assertNotSame($wanted['left toe'], $wanted['left vamp']);
        self::assertArrayNotHasKey('whole lining', $wanted);
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        $paints = array_filter($plan->steps, static fn (StepView $s): bool => null !== $s->family && Family::of($s->family)->does(Effect::IsMixed));
        self::assertGreaterThan(1, \count(array_unique(array_map(static fn (StepView $s): string => $s->title, $paints))), 'both colours are laid');
    }

    public function testNoColourIsSaidForWhatThePieceLacksAndTheTicketIsNotOpened(): void
    {
        $this->signIn();
        $lacking = ['newColours' => [['shade' => 'ivory', 'parts' => ['toe', 'flap']]]];
        self::assertStringContainsString('no flap', $this->refused(422, 'POST', '/api/intake', $this->body(with: $lacking, aim: 'recolour'))->detail);
        $many = ['newColours' => array_fill(0, 9, ['shade' => 'navy'])];
        self::assertStringContainsString('Eight colours', $this->refused(422, 'POST', '/api/intake', $this->body(with: $many, aim: 'recolour'))->detail);
        self::assertSame(0, $this->rows('ticket'));
    }

    public function testAJobBringsItsMaterialAndThirst(): void
    {
        $this->signIn();
        $outer = fn (int $id): array => array_values(array_filter(
            $this->must(PieceView::class, 'GET', "/api/pieces/$id")->parts,
            static fn (PartView $p): bool => 'vamp' === $p->part->value,
        ));
        $nubuck = $outer($this->intake(kind: 'boot/ankle', with: ['job' => $this->job('Nubuck, clean and protect')->id])->pieces[0]->id);
        self::assertSame([Material::Nubuck, Material::Nubuck], array_map(static fn (PartView $p): Material => $p->material, $nubuck));
        $fed = $outer($this->intake(with: ['job' => $this->job('Clean and feed')->id])->pieces[0]->id);
        self::assertSame([Dryness::Thirsty, Dryness::Thirsty], array_map(static fn (PartView $p): Dryness => $p->dryness, $fed));
    }

    public function testOnesOwnJobIsKeptFromAPieceAndDropped(): void
    {
        $this->signIn();
        $id = $this->intake()->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $outer = array_values(array_filter($piece->parts, static fn (PartView $p): bool => \in_array($p->part->value, ['toe', 'vamp'], true)));
        $everywhere = array_map(static fn (PartView $p): array => ['part' => $p->part->value, 'half' => $p->half->value], $piece->parts);
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", [
            'version' => $piece->version, 'places' => $everywhere, 'findings' => [['kind' => 'faded', 'severity' => 2]],
        ]);
        $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", [
            'version' => $piece->version, 'places' => [['part' => 'toe', 'half' => 'left']], 'findings' => [['kind' => 'scuff', 'severity' => 3]],
        ]);
        self::assertCount(4, $outer);
        $jobs = $this->must(UsualJobsView::class, 'POST', '/api/usual-jobs', ['name' => 'Faded oxfords', 'piece' => $id], 201)->jobs;
        $kept = end($jobs) ?: self::fail('It is kept.');
        self::assertSame(['Faded oxfords', ['low-shoe']], [$kept->name, array_map(static fn ($f): string => $f->value, $kept->families)]);
        $again = $this->must(PieceView::class, 'GET', '/api/pieces/'.$this->intake(with: ['job' => $kept->id])->pieces[0]->id);
        $count = static fn (PieceView $p, FindingKind $k): int => \count(array_filter($p->findings, static fn (FindingView $f): bool => $k === $f->kind));
        self::assertSame($count($this->must(PieceView::class, 'GET', "/api/pieces/$id"), FindingKind::Faded), $count($again, FindingKind::Faded));
        self::assertSame(2, $count($again, FindingKind::Scuff), 'the toe of both halves');
        $this->must(UsualJobsView::class, 'DELETE', '/api/usual-jobs/'.$kept->id, []);
        $this->refused(409, 'POST', '/api/intake', $this->body(with: ['job' => $kept->id]));
    }

    public function testAPieceThatWasHereIsTakenInAsItWas(): void
    {
        $this->signIn();
        $first = $this->intake()->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$first");
        $this->must(PieceView::class, 'PUT', "/api/pieces/$first/parts", [
            'version' => $piece->version, 'places' => [['part' => 'vamp', 'half' => 'left']], 'material' => 'suede', 'certainty' => 'known',
        ]);
        $again = $this->must(PieceView::class, 'GET', '/api/pieces/'.$this->intake(with: ['like' => $first])->pieces[0]->id);
        $vamp = self::firstOf($again->parts, static fn (PartView $p): bool => 'vamp' === $p->part->value && 'left' === $p->half->value);
        self::assertSame(Material::Suede, $vamp->material);
        $this->refused(409, 'POST', '/api/intake', $this->body(kind: 'boot/ankle', with: ['like' => $first]));
        $this->refused(409, 'POST', '/api/intake', $this->body(with: ['like' => 999_999]));
    }

    public function testWhatIsRefusedLeavesNothingBehind(): void
    {
        $this->signIn();
        $before = Row::first($this->connection(), 'SELECT COUNT(*) AS n FROM ticket')?->int('n');
        $this->refused(409, 'POST', '/api/intake', $this->body(with: ['job' => 999_999]));
        $this->refused(422, 'POST', '/api/intake', $this->body(name: ''));
        self::assertSame($before, Row::first($this->connection(), 'SELECT COUNT(*) AS n FROM ticket')?->int('n'));
    }

    public function testWhatCannotBeOnOnePartIsMarkedOnTheOthersAndRefusedWhereItCanBeOnNone(): void
    {
        $this->signIn();
        $id = $this->intake()->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", [
            'version' => $piece->version,
            'places' => [['part' => 'vamp', 'half' => 'left'], ['part' => 'heel-stack', 'half' => 'left']],
            'findings' => [['kind' => 'stack-dry', 'severity' => 2], ['kind' => 'dust', 'severity' => 1]],
        ]);
        self::assertSame(
            ['dust heel-stack', 'dust vamp', 'stack-dry heel-stack'],
            $this->sorted(array_map(static fn (FindingView $f): string => $f->kind->value.' '.$f->part->value, $piece->findings)),
        );
        $this->refused(422, 'POST', "/api/pieces/$id/findings", [
            'version' => $piece->version, 'places' => [['part' => 'vamp', 'half' => 'left']], 'findings' => [['kind' => 'stack-dry', 'severity' => 2]],
        ]);
        $this->refused(422, 'POST', "/api/pieces/$id/findings", ['version' => $piece->version, 'places' => [], 'findings' => []]);
        self::assertCount(3, $this->must(PieceView::class, 'GET', "/api/pieces/$id")->findings);
    }

    private function job(string $name): UsualJobView
    {
        return self::firstOf($this->must(UsualJobsView::class, 'GET', '/api/usual-jobs')->jobs, static fn (UsualJobView $j): bool => $name === $j->name);
    }

    /** @param array<string, mixed> $with */
    private function intake(
        string $customer = 'Orsolya Vane',
        string $contact = '',
        string $name = 'The oxfords',
        string $kind = 'low-shoe/oxford',
        array $with = [],
        string $gloss = 'satin',
    ): TicketView {
        return $this->must(TicketView::class, 'POST', '/api/intake', $this->body($customer, $contact, $name, $kind, $with, $gloss), 201);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    private function body(
        string $customer = 'Orsolya Vane',
        string $contact = '',
        string $name = 'The oxfords',
        string $kind = 'low-shoe/oxford',
        array $with = [],
        string $gloss = 'satin',
        string $aim = 'freshen',
    ): array {
        return [
            'ticket' => [
                'customer' => $customer, 'contact' => $contact,
                'pieces' => [['name' => $name, 'kind' => $kind, 'gloss' => $gloss, 'aim' => $aim] + self::OXFORDS],
            ],
            'with' => [[] === $with ? ['like' => null] : $with],
        ];
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function sorted(array $words): array
    {
        sort($words);

        return $words;
    }
}
