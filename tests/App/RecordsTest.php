<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Ledger\EntryView;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Treatment\Action;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Steps that ask for pictures or a colour are done by them, or by a word why there are none. */
final class RecordsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testTheLastPictureEndsTheStep(): void
    {
        $id = $this->plannedPair();
        $this->connection()->executeStatement("DELETE FROM picture WHERE half = 'right' AND side IN ('sole', 'inside')");
        $step = $this->workUntil('Take the pictures')->step;
        $running = $this->must(BenchView::class, 'POST', "/api/steps/$step->id/start", ['version' => $step->version])->calls[0]->step;
        $refused = $this->refused(409, 'POST', "/api/steps/$step->id/done", ['version' => $running->version]);
        self::assertSame('Pictures are still missing: right sole, right inside. Take them, or say why there are none.', $refused->detail);

        $this->take($id, 'sole');
        self::assertSame(StepStatus::Running, $this->pictureStep($id)->status, 'one is missing yet');
        $this->take($id, 'inside');
        self::assertSame(StepStatus::Done, $this->pictureStep($id)->status);
    }

    public function testWhatWasTakenAtTheCounterIsNotAskedForAtTheBench(): void
    {
        $id = $this->plannedPair();
        $version = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->version;
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $version]);
        self::assertSame(StepStatus::Done, $this->pictureStep($id)->status);
        $this->doCall($this->nextCall());
        self::assertStringNotContainsString('pictures', $this->nextCall()->step->title);
    }

    public function testAnApprenticeMayAlsoSayWhyThereAreNone(): void
    {
        $id = $this->plannedPair();
        $this->connection()->executeStatement('DELETE FROM picture');
        $this->signIn('wren');
        $step = $this->workUntil('Take the pictures')->step;
        $running = $this->must(BenchView::class, 'POST', "/api/steps/$step->id/start", ['version' => $step->version])->calls[0]->step;
        $body = ['version' => $running->version, 'why' => ' '];
        self::assertStringContainsString('left outer side, left inner side, left toe and 9 more', $this->refused(
            409,
            'POST',
            "/api/steps/$step->id/done",
            $body
        )->detail);
        $this->must(BenchView::class, 'POST', "/api/steps/$step->id/done", ['version' => $running->version, 'why' => 'The camera is broken.']);
        $told = array_map(static fn (EntryView $e): string => $e->text, $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries);
        self::assertNotSame([], array_filter($told, static fn (string $t): bool => str_ends_with($t, 'and 9 more. The camera is broken.')));
    }

    public function testAColourIsReadOrSomebodySaysWhyNot(): void
    {
        $id = $this->plannedPair(aim: 'restore', severity: 4);
        $call = $this->workUntil('Read the colour');
        $running = $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version])->calls[0]->step;
        $refused = $this->refused(409, 'POST', "/api/steps/$running->id/done", ['version' => $running->version]);
        self::assertSame('No colour has been read. Read it, or say why not.', $refused->detail);
        $toe = ['places' => [['half' => 'left', 'part' => 'toe']], 'shade' => 'navy'];
        self::assertSame(201, $this->ask('POST', "/api/pieces/$id/wanted-colours", $toe));
        $refused = $this->refused(409, 'POST', "/api/steps/$running->id/done", ['version' => $running->version]);
        self::assertSame('No colour has been read. Read it, or say why not.', $refused->detail, 'what is wanted was not read');
        $this->ask('POST', "/api/pieces/$id/readings", [
            'part' => 'toe', 'half' => 'left', 'spot' => 'sound', 'whereabouts' => 'under the tongue', 'gloss' => 'satin', 'source' => 'typed',
            'labs' => [[40.0, 20.0, 25.0]],
        ]);
        self::assertResponseIsSuccessful();
        $steps = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps;
        self::assertSame(StepStatus::Done, self::firstOf($steps, static fn (StepView $s): bool => $s->id === $running->id)->status);
        $closing = $this->workUntil('Read the finished colour');
        $running = $this->must(BenchView::class, 'POST', "/api/steps/{$closing->step->id}/start", ['version' => $closing->step->version])->calls[0]->step;
        $refused = $this->refused(409, 'POST', "/api/steps/$running->id/done", ['version' => $running->version]);
        self::assertSame('The finished colour has not been read. Read it, or say why not.', $refused->detail, 'the one from before the coats is none');
    }

    private function take(int $id, string $side): void
    {
        $picture = imagecreatetruecolor(64, 48);
        $path = (string) tempnam(sys_get_temp_dir(), 'picture');
        imagepng($picture, $path);
        $this->client->request(
            'POST',
            "/api/pieces/$id/pictures",
            ['moment' => 'before', 'half' => 'right', 'side' => $side],
            ['file' => new UploadedFile($path, 'vamp.png', 'image/png', test: true)],
            ['HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8)), 'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_ACCEPT' => 'application/json'],
        );
        self::assertResponseStatusCodeSame(201);
        unlink($path);
    }

    private function pictureStep(int $id): StepView
    {
        return self::firstOf(
            $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps,
            static fn (StepView $s): bool => Action::Photograph === $s->action,
        );
    }
}
