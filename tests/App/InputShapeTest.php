<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

/** What is refused before it comes to what is asked: wrong things in lists, fractions for whole numbers, characters that no text has. */
final class InputShapeTest extends ApiTestCase
{
    public function testTheFieldIsNamedAndSoIsWhatItNeeds(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        foreach ([
            ['PUT', "/api/pots/$id/recipe", ['version' => 1, 'drops' => ['chestnut' => 'two']], 'drops[chestnut]', 'A whole number is needed here.'],
            ['PUT', "/api/pots/$id/recipe", ['version' => 1.5, 'drops' => []], 'version', 'A whole number is needed here.'],
            ['POST', "/api/pots/$id/dabs", ['version' => 1, 'measured' => [[0.1, 'much']]], 'measured[0][1]', 'A number is needed here.'],
            ['POST', "/api/pots/$id/dabs", ['version' => 1, 'measured' => ['a' => [0.1]]], 'measured', 'A list is needed here.'],
            ['POST', "/api/pieces/$id/plan", ['version' => 1, 'schools' => ['cleaning' => 3]], 'schools[cleaning]', 'Some text is needed here.'],
            ['POST', "/api/pieces/$id/plan", ['version' => 1, 'exclude' => [null]], 'exclude[0]', 'Some text is needed here.'],
        ] as [$method, $path, $body, $field, $sentence]) {
            $problem = $this->refused(422, $method, $path, $body);
            self::assertSame([$field, $sentence], [$problem->errors[0]->field ?? '', $problem->detail]);
        }
    }

    public function testACharacterThatNoTextHasIsNotTakenInAndItsNameInWordsIs(): void
    {
        $this->signIn();
        self::assertSame(422, $this->ask('POST', '/api/tickets', ['customer' => "Mirela\0Sand"] + $this->ticketBody()));
        foreach (["\x07", "\x08", "\x0b", "\x0c", "\x1b"] as $control) {
            self::assertSame(422, $this->ask('POST', '/api/tickets', ['customer' => "Mirela{$control}Sand"] + $this->ticketBody()), bin2hex($control));
        }
        self::assertSame(422, $this->ask('GET', '/api/tickets?find=a%00b'));
        self::assertSame(201, $this->ask('POST', '/api/tickets', ['wish' => "Two lines,\n\tone of them set in."] + $this->ticketBody()), $this->content());
        self::assertSame(201, $this->ask('POST', '/api/tickets', ['customer' => 'Back\\u0000slash'] + $this->ticketBody()), $this->content());
        self::assertStringContainsString('Back\\\\u0000slash', $this->content());
    }
}
