<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Text\Message;

/** The number of a rule of the craft and its reason, the one sentence that screens and prints show. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Rule
{
    public function __construct(public string $number, public string $because)
    {
    }

    /** @param class-string|object $class */
    public static function of(string|object $class): self
    {
        $attributes = (new \ReflectionClass($class))->getAttributes(self::class);

        $rule = ($attributes[0] ?? throw new \LogicException('A rule without number and reason.'))->newInstance();

        return new self($rule->number, Message::of($rule->because));
    }
}
