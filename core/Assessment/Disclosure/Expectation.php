<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

use KindHeel\Core\Assessment\Finding;

/** What the owner is promised of one finding, in a sentence that can be read out (J-5: only what stays promised stays true). */
final readonly class Expectation
{
    /** @param string $rule behind it */
    public function __construct(public Finding $finding, public Prospect $prospect, public string $sentence, public string $rule = 'J-5')
    {
    }
}
