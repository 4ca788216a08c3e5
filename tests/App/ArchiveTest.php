<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Archive\ArchiveFile;
use KindHeel\App\Archive\ArchivesMade;
use KindHeel\App\Archive\ArchiveView;
use KindHeel\App\Archive\BadArchive;
use KindHeel\App\Archive\CheckArchive;
use KindHeel\App\Archive\Format;
use KindHeel\App\Archive\Kinds;
use KindHeel\App\Archive\PieceTakenView;
use KindHeel\App\Archive\TakeWorkshop;
use KindHeel\App\Archive\WriteWorkshop;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Colour\PieceColourView;
use KindHeel\App\Colour\PotState;
use KindHeel\App\Colour\PotsView;
use KindHeel\App\Colour\PotView;
use KindHeel\App\Colour\RangeDocument;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Tables;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Ledger\EntryView;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Owner\PassportView;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\Picture\PictureStore;
use KindHeel\App\Picture\PicturesView;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\App\Staff\StaffView;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Process\Process;

/** Everything of a workshop goes out as lines that any program reads, and comes in as it was; what is not whole does not. */
final class ArchiveTest extends ApiTestCase
{
    /** What would trip over quotes, ends of lines or letters. */
    private const NOTE = "The “tongue”; it's\nworn (again), \\ and \"so\" on – ü\u{2028}";

    private const PRODUCT = [
        'shade' => null, 'unit' => 'g', 'pack' => 50.0, 'packCents' => null, 'supplier' => '', 'leadDays' => 3,
        'densityGPerMl' => 1.0, 'version' => 0,
    ];

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/kindheel-archive-'.bin2hex(random_bytes(4));
        (new Filesystem())->mkdir($this->folder);
        $this->signIn('ida');
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
    }

    public function testEverythingComesInAsItWentOut(): void
    {
        $this->aDayOfWork();
        $was = $this->write('out.tar');
        $person = $this->rows('person');

        $checked = self::getContainer()->get(CheckArchive::class)($this->folder.'/out.tar');
        self::assertSame(['workshop', 3], [$checked['manifest']->of, $checked['files']], 'every line fits the schema');
        self::assertStringNotContainsString('$2y$', implode('', $was), 'no archive holds a password');

        $this->emptyAll();
        $taken = $this->take('out.tar');
        self::assertSame(['ida', 3], [$taken['login'], $taken['files']]);
        self::assertSame(self::timeless($was), self::timeless($this->write('back.tar')), 'the same, line for line');
        self::assertSame($person, $this->rows('person'));

        $this->refused(401, 'POST', '/api/sign-in', ['login' => 'ida', 'password' => 'open sesame']);
        self::assertSame(200, $this->signIn('ida', $taken['word']), 'and the first owner has a word to begin with');
    }

    public function testWhatWasCutOffGoesOn(): void
    {
        $this->aDayOfWork();
        $was = $this->write('out.tar');
        $this->emptyAll();
        try {
            $this->take('out.tar', static function (string $what, int $done): void {
                $done < 40 || throw new \RuntimeException('The lights went out.');
            });
            self::fail('It was to be cut off.');
        } catch (\RuntimeException $error) {
            self::assertSame('The lights went out.', $error->getMessage());
        }
        $there = $this->rows('air_reading') + $this->rows('person') + $this->rows('usual_job') + $this->rows('price_terms');
        self::assertGreaterThan(0, $there);
        self::assertSame(0, $this->rows('plan_step'));
        self::assertSame(401, $this->signIn('ida'), 'nobody gets in meanwhile');
        $this->take('out.tar');
        self::assertSame(self::timeless($was), self::timeless($this->write('back.tar')));
    }

    public function testWritingGoesOnWhereItWasCutOff(): void
    {
        $this->aDayOfWork();
        $made = null;
        $pictures = self::getContainer()->get(FileStore::class);
        // A file at a time, so that it can be cut off between two.
        $file = new ArchiveFile($pictures, \dirname(__DIR__, 2).'/var/test-run', 1);
        $write = new WriteWorkshop(
            $this->connection(),
            self::getContainer()->get(Kinds::class),
            self::getContainer()->get(WorkshopSettings::class),
            $file,
            $pictures,
        );
        try {
            $write($this->folder.'/out.tar', tell: static function (string $what, int $done): void {
                'pictures' !== $what || $done < 2 || throw new \RuntimeException('The lights went out.');
            });
        } catch (\RuntimeException) {
            $made = (string) file_get_contents($this->folder.'/out.tar.part/manifest.json');
        }
        self::assertNotNull($made);
        self::assertFileDoesNotExist($this->folder.'/out.tar');
        // Half a picture, as a killed tar leaves it: it has begun where the end was marked.
        $tar = $this->folder.'/out.tar.part/archive.tar';
        $bytes = (int) filesize($tar);
        file_put_contents($this->folder.'/large', random_bytes(50_000));
        (new Process(['tar', '-C', $this->folder, '-rf', $tar, 'large']))->mustRun();
        $cut = fopen($tar, 'r+');
        self::assertNotFalse($cut);
        ftruncate($cut, $bytes + 3_000);
        fclose($cut);
        $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        $lines = $this->write('out.tar');
        self::assertSame($made, $lines['manifest.json'], 'it is of the moment at which it was begun');
        self::assertSame(3, self::getContainer()->get(CheckArchive::class)($this->folder.'/out.tar')['files']);
        self::assertFileDoesNotExist($this->folder.'/out.tar.part');
    }

    public function testWhatIsNotWholeIsNotTakenIn(): void
    {
        $this->aDayOfWork();
        $this->write('out.tar');
        file_put_contents($this->folder.'/none.tar', 'Dear workshop, please find enclosed');
        (new Process(['head', '-c', '20000', $this->folder.'/out.tar']))->mustRun(function (string $type, string $bytes): void {
            file_put_contents($this->folder.'/cut.tar', $bytes, \FILE_APPEND);
        });
        $this->refusedToTake('There are people here already', 'out.tar');
        $this->emptyAll();
        foreach ([
            'cannot be opened as an archive' => 'none.tar',
            'cut off' => 'cut.tar',
            'of version 99' => $this->spoiled('newer.tar', Format::MANIFEST, static fn (string $m): string => str_replace('"version": 1', '"version": 99', $m)),
            'no archive of Kind Heel' => $this->spoiled('other.tar', Format::MANIFEST, static fn (string $m): string => str_replace('kind-', 'x', $m)),
            'are not as they were' => $this->spoiled('changed.tar', 'lines/owner.jsonl.gz', static fn (string $l): string => $l.' '),
            '“depthMm” is of another type' => $this->spoiledLine('type.tar', 'finding', '"depthMm":null', '"depthMm":"deep"'),
            '“bank” is not known here' => $this->spoiledLine('more.tar', 'finding', '{', '{"bank":1,'),
            'Line 1 of finding: “kind” says something that is not known here' => $this->spoiledLine('word.tar', 'finding', '"kind":"', '"kind":"un'),
            'is no JSON object' => $this->spoiledLine('json.tar', 'ticket', '{', '['),
            'speaks of something that is not in it' => $this->spoiledLine('of.tar', 'finding', '"piece":', '"piece":99'),
        ] as $says => $file) {
            $this->refusedToTake($says, $file);
        }
        self::assertSame(0, $this->rows('plan_step'));
        $this->take('out.tar');
        self::assertGreaterThan(0, $this->rows('plan_step'), 'the whole one comes in all the same');
    }

    public function testTheSchemaSaysWhatIsWrongInALine(): void
    {
        $this->aDayOfWork();
        $this->write('out.tar');
        $this->expectException(BadArchive::class);
        $this->expectExceptionMessageMatches('/^Line 1 of finding, .*severity/');
        self::getContainer()->get(CheckArchive::class)($this->folder.'/'.$this->spoiledLine('severe.tar', 'finding', '"severity":', '"severity":9'));
    }

    /** Every table is either written or left out on purpose, and the file of the schema is as the entities are. */
    public function testTheSchemaOfThisVersionIsWhatIsWritten(): void
    {
        $kinds = self::getContainer()->get(Kinds::class)->all();
        $schema = json_decode((string) file_get_contents(\sprintf(Format::SCHEMA, Format::VERSION)), true);
        self::assertIsArray($schema);
        self::assertIsArray($schema['$defs']);
        self::assertEqualsCanonicalizing([...array_keys($kinds), 'manifest', Format::FILES], array_keys($schema['$defs']));
        foreach ($kinds as $name => $kind) {
            self::assertIsArray($schema['$defs'][$name]);
            self::assertSame(array_column($kind->fields, 'name'), $schema['$defs'][$name]['required'], $name);
        }
        foreach (['owner', 'person', 'ticket', 'piece', 'plan-step', 'ledger-entry', 'picture', 'invoice', 'lot', 'pot-event'] as $needed) {
            self::assertArrayHasKey($needed, $kinds);
        }
        self::assertArrayNotHasKey('sessions', $kinds);
    }

    public function testOnePieceGoesToAnotherWorkshopWithItsHistory(): void
    {
        $this->set('/identity', ['name' => 'The yard', 'address' => '', 'reach' => '', 'clock' => '24', 'uncollectedDays' => 21]);
        $piece = $this->aDayOfWork();
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$piece/passport");
        $was = $this->handOut($passport->id, 'piece.tar');
        self::assertSame('piece', self::getContainer()->get(CheckArchive::class)($this->folder.'/piece.tar')['manifest']->of);
        $all = implode('', $was);
        foreach (['Mirela Sand', '$2y$', '"login":"ida"', 'nell'] as $not) {
            self::assertStringNotContainsString($not, $all, 'how its owner can be reached and who else works there is nobody’s business');
        }
        self::assertStringContainsString('Mirela Sand', implode('', $this->handOut($passport->id, 'reach.tar', '?reach=1')));

        // Another workshop, where the numbers are others and a product has the same code.
        $this->emptyAll();
        $this->people();
        $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        self::assertSame(201, $this->ask('POST', '/api/products', ['name' => 'Straw', 'family' => 'wax'] + self::PRODUCT), $this->content());
        $taken = $this->takePiece('piece.tar');
        self::assertSame(1, $taken->visits);
        $here = $this->must(PassportView::class, 'GET', "/api/passports/{$taken->passport}");
        self::assertSame([$passport->code, 'The yard'], [$here->code, $here->visits[0]->elsewhere]);
        self::assertSame($passport->visits[0]->found, $here->visits[0]->found);
        $lines = $this->must(LedgerView::class, 'GET', '/api/ledger?piece='.$here->visits[0]->piece)->entries;
        self::assertSame(['Came with its history from The yard.', 'Tomas'], [$lines[0]->text, $lines[0]->person]);
        self::assertContains(self::NOTE, array_map(static fn (EntryView $e): string => $e->text, $lines));
        self::assertContains('Ida', array_map(static fn (EntryView $e): string => $e->person, $lines), 'who worked on it there');
        self::assertCount(5, $this->must(StaffView::class, 'GET', '/api/people')->people, 'and does not work here');
        self::assertSame(401, $this->signIn('elsewhere-'.substr(hash('sha256', 'Ida'), 0, 12), 'open sesame'));
        $this->signIn();
        $drops = $this->must(PotsView::class, 'GET', '/api/pots')->pots[0];
        self::assertSame(['straw-2'], array_column($this->must(PotView::class, 'GET', "/api/pots/{$drops->id}")->drops, 'code'));
        self::assertSame(PotState::Empty, $drops->state, 'its jar stayed there');
        $pictures = $this->must(PicturesView::class, 'GET', "/api/pieces/{$here->visits[0]->piece}/pictures")->pictures;
        self::assertCount(1, array_filter($pictures, static fn ($p): bool => 80 === $p->width));

        // The same and one line more: who took it in.
        $back = $this->handOut($taken->passport, 'back.tar');
        self::assertStringContainsString('Came with its history', $back['ledger-entry']);
        foreach (array_diff(array_keys($was), ['manifest.json', 'ledger-entry', 'person']) as $kind) {
            self::assertSame($was[$kind], str_replace('straw-2', 'straw', $back[$kind]), $kind);
        }
        self::assertSame(0, $this->takePiece('piece.tar')->visits, 'what is known is not taken in twice');
        self::assertSame($taken->passport, $this->takePiece('back.tar')->passport);
    }

    public function testAPieceThatComesBackBringsOnlyWhatIsNew(): void
    {
        $piece = $this->aDayOfWork();
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$piece/passport");
        $this->handOut($passport->id, 'there.tar');
        $all = $this->rows('plan_step');
        // It has been here once more there.
        $this->connection()->executeStatement("UPDATE ticket SET opened_at = '2026-02-01 09:00:00'");
        $this->connection()->executeStatement('UPDATE passport SET since = since, care_page = 0');
        self::assertSame(1, $this->takePiece('there.tar')->visits, 'a visit of another day is another visit');
        self::assertSame(2 * $all, $this->rows('plan_step'));
        self::assertCount(2, $this->must(PassportView::class, 'GET', "/api/passports/{$passport->id}")->visits);
        self::assertSame(1, $this->rows('owner'), 'its owner is who it is here');
    }

    public function testAPieceInHandStaysAndAnArchiveThatLiesIsRefused(): void
    {
        $piece = $this->aDayOfWork();
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$piece/passport")->id;
        $this->handOut($passport, 'out.tar');
        $this->write('all.tar');
        $call = $this->nextCall();
        $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version]);
        self::assertStringContainsString('in hand', $this->refused(409, 'GET', "/api/passports/$passport.tar")->detail);
        $this->emptyAll();
        $this->people();
        $before = array_sum(array_map($this->rows(...), ['piece', 'owner', 'plan_step', 'person', 'product', 'pot', 'passport']));
        foreach ([
            'whole workshop' => 'all.tar',
            'cannot be read to its end' => $this->spoiledLine('places.tar', 'plan-step', '"places":[', '"places":[7,'),
            'is not in it' => $this->spoiledLine('none.tar', 'finding', '"piece":1', '"piece":8'),
            'speaks of the product' => $this->spoiledLine('code.tar', 'pot', '"straw":', '"gold":'),
        ] as $says => $file) {
            self::assertSame(422, $this->sendFile('/api/passports/archive', (string) file_get_contents($this->folder.'/'.$file)), $file.' '.$this->content());
            self::assertStringContainsString($says, $this->content(), $file);
        }
        self::assertSame(422, $this->sendFile('/api/passports/archive', 'Dear colleague'));
        self::assertSame($before, array_sum(array_map($this->rows(...), ['piece', 'owner', 'plan_step', 'person', 'product', 'pot', 'passport'])));
    }

    public function testAnOwnerTakesEverythingOutOnAPage(): void
    {
        $this->aDayOfWork();
        self::assertSame(0, $this->must(ArchiveView::class, 'GET', '/api/archive')->id);
        $asked = $this->must(ArchiveView::class, 'POST', '/api/archive', [], 202);
        self::assertTrue($asked->isOnItsWay);
        $this->refused(409, 'POST', '/api/archive');
        self::assertSame(404, $this->ask('GET', "/api/archive/{$asked->id}.tar"));
        self::getContainer()->get(ArchivesMade::class)->make();
        $made = $this->must(ArchiveView::class, 'GET', '/api/archive');
        self::assertSame([false, null], [$made->isOnItsWay, $made->failure]);
        self::assertSame(200, $this->ask('GET', "/api/archive/{$asked->id}.tar"));
        self::assertSame($made->bytes, (int) $this->client->getResponse()->headers->get('Content-Length'));
        self::assertSame(206, $this->ask('GET', "/api/archive/{$asked->id}.tar", headers: ['Range' => 'bytes=1000-']), 'what was cut off on the way goes on');
        // A while later the password is asked for once more.
        $this->connection()->executeStatement('UPDATE sign_in SET sure_at = UTC_TIMESTAMP() - INTERVAL 1 HOUR');
        foreach ([['POST', '/api/archive'], ['GET', "/api/archive/{$asked->id}.tar"], ['GET', '/api/passports/1.tar']] as [$method, $path]) {
            self::assertSame('password-asked', $this->refused(403, $method, $path)->type, $path);
        }
        self::getContainer()->get(EntityManagerInterface::class)->getConnection()->executeStatement('DELETE FROM archive_made');
        array_map(unlink(...), glob(\dirname(__DIR__, 2).'/var/test-run/archives/*') ?: []);
    }

    private function people(): void
    {
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        $entities->clear();
        foreach (['tomas', 'nell', 'mara', 'ode', 'pim'] as $login) {
            $person = new Person($login, ucfirst($login), Role::Owner);
            $person->setPasswordHash(password_hash('open sesame', \PASSWORD_BCRYPT, ['cost' => 4]));
            $entities->persist($person);
        }
        $entities->flush();
        $this->signIn();
    }

    /** @return array<string, string> */
    private function handOut(int $passport, string $name, string $query = ''): array
    {
        self::assertSame(200, $this->ask('GET', "/api/passports/$passport.tar$query"), $this->content());
        file_put_contents($this->folder.'/'.$name, $this->client->getInternalResponse()->getContent());

        return $this->opened($name);
    }

    private function takePiece(string $name): PieceTakenView
    {
        $status = $this->sendFile('/api/passports/archive', (string) file_get_contents($this->folder.'/'.$name));
        self::assertSame(201, $status, $this->content());

        return $this->answered(PieceTakenView::class);
    }

    /** A pair looked over, planned, begun, photographed, with a colour read and a pot mixed; a letter, an offer, a setting. */
    private function aDayOfWork(): int
    {
        self::getContainer()->get(RangeDocument::class)->take((string) file_get_contents(\dirname(__DIR__, 2).'/demo/house-range.json'));
        $piece = $this->plannedPair();
        $this->sendFile("/api/pieces/$piece/pictures", self::jpeg(), ['moment' => 'before', 'half' => 'left', 'part' => 'toe']);
        $this->doCall($this->nextCall());
        self::assertSame(200, $this->ask('POST', "/api/pieces/$piece/notes", ['text' => self::NOTE]), $this->content());
        $colour = $this->must(PieceColourView::class, 'POST', "/api/pieces/$piece/readings", [
            'half' => 'left', 'part' => 'vamp', 'spot' => 'sound', 'source' => 'typed', 'labs' => [[45.0, 18.0, 30.0]],
        ], 201);
        $pot = $this->must(PotView::class, 'POST', '/api/pots', ['name' => 'Vamp', 'target' => $colour->readings[0]->id, 'areaDm2' => 0.3], 201);
        $this->must(PotView::class, 'PUT', "/api/pots/{$pot->id}/recipe", ['version' => $pot->version, 'drops' => ['straw' => 30, 'brick' => 10]]);
        $this->must(PotView::class, 'POST', "/api/pots/{$pot->id}/drops", ['code' => 'straw', 'drops' => 30]);
        $this->set('/stations', ['station' => 'rack', 'places' => 2]);

        return $piece;
    }

    /** @return array<string, string> the manifest and the lines of each kind, in order */
    private function write(string $name): array
    {
        self::getContainer()->get(WriteWorkshop::class)($this->folder.'/'.$name);

        return $this->opened($name);
    }

    /** @return array<string, string> */
    private function opened(string $name): array
    {
        $to = $this->folder.'/'.$name.'.opened';
        (new Filesystem())->mkdir($to);
        (new Process(['tar', '-C', $to, '-xf', $this->folder.'/'.$name]))->mustRun();
        $said = [Format::MANIFEST => (string) file_get_contents($to.'/'.Format::MANIFEST)];
        foreach (glob($to.'/lines/*') ?: [] as $path) {
            $lines = explode("\n", (string) gzdecode((string) file_get_contents($path)));
            sort($lines);
            $said[basename($path, '.jsonl.gz')] = implode("\n", $lines);
        }

        return $said;
    }

    /**
     * Without what says when it was made.
     *
     * @param array<string, string> $said
     *
     * @return array<string, string>
     */
    private static function timeless(array $said): array
    {
        return [Format::MANIFEST => (string) preg_replace('/"madeAt": "[^"]*"/', '', $said[Format::MANIFEST])] + $said;
    }

    /**
     * @param (\Closure(string, int, int): void)|null $tell
     *
     * @return array{lines: int, files: int, login: string, word: string}
     */
    private function take(string $name, ?\Closure $tell = null): array
    {
        self::getContainer()->get(EntityManagerInterface::class)->clear();

        return self::getContainer()->get(TakeWorkshop::class)($this->folder.'/'.$name, $tell);
    }

    private function refusedToTake(string $says, string $name): void
    {
        try {
            $this->take($name);
            self::fail($name.' was taken in.');
        } catch (BadArchive $error) {
            self::assertStringContainsString($says, $error->getMessage(), $name);
        }
    }

    private function emptyAll(): void
    {
        foreach ($this->connection()->fetchFirstColumn('SELECT DISTINCT digest FROM picture') as $digest) {
            self::getContainer()->get(PictureStore::class)->forget(\is_string($digest) ? $digest : '');
        }
        Tables::empty($this->connection());
        $this->client->getCookieJar()->clear();
    }

    /**
     * The same archive with one of its files changed.
     *
     * @param \Closure(string): string $change
     */
    private function spoiled(string $name, string $file, \Closure $change): string
    {
        $from = $this->folder.'/out.tar.opened';
        $to = $this->folder.'/'.$name.'.spoiled';
        (new Filesystem())->mirror($from, $to);
        (new Filesystem())->dumpFile($to.'/'.$file, $change((string) file_get_contents($to.'/'.$file)));
        (new Process(['tar', '-C', $to, '-cf', $this->folder.'/'.$name, ...array_diff(scandir($to) ?: [], ['.', '..'])]))->mustRun();

        return $name;
    }

    /** The same archive with its first line of a kind changed, and a manifest that knows of it. */
    private function spoiledLine(string $name, string $kind, string $what, string $by): string
    {
        $path = \sprintf(Format::LINES, $kind);
        $lines = (string) gzdecode((string) file_get_contents($this->folder.'/out.tar.opened/'.$path));
        self::assertStringContainsString($what, $lines);
        $changed = (string) gzencode((string) preg_replace('/'.preg_quote($what, '/').'/', $by, $lines, 1));
        $manifest = json_decode((string) file_get_contents($this->folder.'/out.tar.opened/'.Format::MANIFEST), true);
        self::assertIsArray($manifest);
        self::assertIsArray($manifest['lines']);
        $manifest['lines'][$kind] = ['lines' => substr_count($lines, "\n"), 'bytes' => \strlen($changed), 'sha256' => hash('sha256', $changed)];
        $this->spoiled($name, $path, static fn (): string => $changed);
        (new Filesystem())->dumpFile($this->folder.'/'.$name.'.spoiled/'.Format::MANIFEST, json_encode($manifest, \JSON_THROW_ON_ERROR));
        (new Process(['tar', '-C', $this->folder.'/'.$name.'.spoiled', '-cf', $this->folder.'/'.$name, 'manifest.json', 'lines', 'pictures']))->mustRun();

        return $name;
    }

    /** @param array<string, string> $fields */
    private function sendFile(string $path, string $bytes, array $fields = []): int
    {
        $file = $this->folder.'/sent-'.bin2hex(random_bytes(4));
        file_put_contents($file, $bytes);
        $this->client->request('POST', $path, $fields, ['file' => new UploadedFile($file, 'sent', null, \UPLOAD_ERR_OK, test: true)], [
            'CONTENT_LENGTH' => '50000000',
            'HTTP_ACCEPT' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8)),
        ]);

        return $this->client->getResponse()->getStatusCode();
    }

    private static function jpeg(): string
    {
        $image = imagecreatetruecolor(80, 60);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 120, 70, random_int(0, 255)));
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }
}
