<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** A workshop of one’s own begins with its owner, whom nobody else can name. */
final class FirstOwnerTest extends ApiTestCase
{
    public function testAnEmptyWorkshopAsksForItsOwnerUntilNameAndPasswordWillDo(): void
    {
        $this->connection()->executeStatement('DELETE FROM person');
        self::assertSame(1, $this->command(['--anybody' => true])->getStatusCode());
        $asked = $this->command([], ['', "Mara\tQuill", 'Mara Quill', 'ma ra', 'Mara', 'short', 'aaaaaaaaaaaa', 'mara-mara-mara', 'seven wet lasts']);
        self::assertSame(0, $asked->getStatusCode());
        foreach (['1 to 80 letters', 'without a space', '12 to 128 characters', 'Too easy to guess'] as $said) {
            self::assertStringContainsString($said, $asked->getDisplay());
        }
        self::assertSame(
            [['login' => 'mara', 'name' => 'Mara Quill', 'role' => 'owner']],
            $this->connection()->fetchAllAssociative('SELECT login, name, role FROM person'),
        );
        self::assertSame(0, $this->command(['--anybody' => true])->getStatusCode());
        self::assertSame(200, $this->signIn('mara', 'seven wet lasts'));
    }

    public function testWhereSomebodyWorksNobodyBecomesOwnerFromOutside(): void
    {
        $tester = $this->command([], ['Mara Quill', 'mara', 'seven wet lasts']);
        self::assertSame(1, $tester->getStatusCode());
        self::assertStringContainsString('Somebody works here already', $tester->getDisplay());
        self::assertSame(5, $this->rows('person'));
    }

    /**
     * @param array<string, mixed> $words
     * @param list<string>         $typed
     */
    private function command(array $words, array $typed = []): CommandTester
    {
        $tester = new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find('people:first-owner'));
        $tester->setInputs($typed);
        $tester->execute($words);

        return $tester;
    }
}
