<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use KindHeel\App\Http\AnsweredError;
use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\JsonResponse;

/** What is to be done matters so much that the password is asked for once more. */
final class PasswordAsked extends \RuntimeException implements AnsweredError
{
    /** @throws self unless it was given a short while ago */
    public static function unlessSure(Member $member): void
    {
        if (!$member->sure) {
            throw new self('This matters: give your password once more.');
        }
    }

    public function problem(): JsonResponse
    {
        return ProblemDocument::response(403, $this->getMessage(), 'password-asked');
    }
}
