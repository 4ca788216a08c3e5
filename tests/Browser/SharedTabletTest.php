<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** Somebody new comes to the workshop, sets a password and a number of their own, and goes on at a tablet where somebody else is signed in. */
#[Group('second-browser')]
final class SharedTabletTest extends StoryTestCase
{
    public function testSomebodyNewGoesOnAtATabletOfTheWorkshop(): void
    {
        $this->signIn('ida');
        $this->go('/workshop');
        $this->says('Who works here')->click();
        $this->says('Somebody new')->click();
        $this->see('[name=name]')->sendKeys('Bram Oduya');
        $this->see('[name=login]')->sendKeys('bram');
        $this->choose('Role', 'apprentice');
        $this->says('Add them')->click();
        $this->seeText('Bram Oduya signs in once as bram with');
        $word = $this->see('.select-all')->getText();

        // Their first sign-in leads to a password of their own, and nowhere else.
        $this->driver->manage()->deleteAllCookies();
        $this->go('/sign-in');
        $this->see('[name=login]')->sendKeys('bram');
        $this->see('[name=password]')->sendKeys($word.WebDriverKeys::ENTER);
        $this->seeText('Welcome, Bram Oduya');
        $this->go('/counter');
        $this->see('[name=new-password]')->sendKeys('short'.WebDriverKeys::ENTER);
        $this->seeText('A password has 12 to 128 characters');
        $this->typeOver('[name=new-password]', 'seven wet lasts dry'.WebDriverKeys::ENTER);
        $this->seeText('The rack');
        $this->go('/own');
        $this->see('[name=pin]')->sendKeys('2580'.WebDriverKeys::ENTER);
        $this->seeText('Another number');

        // At a tablet where Tomas is signed in, a wrong number is said, and the right one opens.
        $this->driver->manage()->deleteAllCookies();
        $this->signIn('tomas');
        $this->menu('Somebody else goes on here');
        $this->says('Bram Oduya')->click();
        $this->dial('1357');
        $this->seeText('4 tries are left');
        $this->dial('2580');
        $this->see('header button[aria-haspopup=menu]');
        $this->wait(fn (): ?bool => str_contains($this->see('header [aria-haspopup=menu]')->getText(), 'Bram Oduya') ? true : null, 'Bram at the tablet');

        // What matters still asks for the password.
        $this->go('/own');
        $this->says('Take it away')->click();
        $this->see('[name=sure-password]')->sendKeys('seven wet lasts dry'.WebDriverKeys::ENTER);
        $this->seeText('Four to eight digits');
    }

    private function menu(string $entry): void
    {
        $this->see('header [aria-haspopup=menu]')->click();
        $this->says($entry)->click();
    }

    private function dial(string $number): void
    {
        foreach (str_split($number) as $digit) {
            $this->see("[role=dialog] button[aria-label=\"$digit\"]")->click();
        }
        $this->says('Go on')->click();
    }
}
