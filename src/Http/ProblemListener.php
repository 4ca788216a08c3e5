<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;
use KindHeel\App\Database\Logged;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\NotNow;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Serializer\Exception\ExtraAttributesException;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;

/** Every error of the API as a problem document; nothing of the inside is shown. After security (1) has had its say. */
#[AsEventListener(priority: 0)]
final readonly class ProblemListener
{
    /** MariaDB: error on write, disk full, handler error, table full, read-only, read-only mode. */
    private const CANNOT_WRITE = [3, 1021, 1026, 1030, 1114, 1290, 1836];

    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api')) {
            return;
        }
        $event->setResponse($this->answer($event->getThrowable()));
    }

    private function answer(\Throwable $error): JsonResponse
    {
        $invalid = $error instanceof ValidationFailedException ? $error : $error->getPrevious();
        if ($invalid instanceof ValidationFailedException) {
            $errors = [];
            foreach ($invalid->getViolations() as $violation) {
                $errors[] = ['field' => $violation->getPropertyPath(), 'message' => self::sentence($violation)];
            }

            return ProblemDocument::response(422, $errors[0]['message'] ?? 'Something is not right.', errors: $errors);
        }
        $extra = $error instanceof ExtraAttributesException ? $error : $error->getPrevious();
        if ($extra instanceof ExtraAttributesException) {
            return ProblemDocument::response(422, 'There is something in it that is not known here.', errors: array_map(
                static fn (string $name): array => ['field' => $name, 'message' => 'This is not known here.'],
                array_values(array_map(strval(...), $extra->getExtraAttributes())),
            ));
        }

        return match (true) {
            $error instanceof AnsweredError => $error->problem(),
            $error instanceof FieldError => self::told($error),
            $error instanceof NotNow => Refused::now($error->getMessage())->problem(),
            $error instanceof OptimisticLockException => ProblemDocument::response(
                409,
                'Somebody else changed this meanwhile. Here is how it stands now.',
                'changed-meanwhile',
                more: ['overridable' => false],
            ),
            $error instanceof LockWaitTimeoutException => ProblemDocument::response(
                503,
                'Somebody else is writing the same just now, and it takes too long. Nothing was changed; try again in a moment.',
            ),
            $error instanceof UniqueConstraintViolationException => ProblemDocument::response(
                409,
                'The same was just done from elsewhere. Here is how it stands now.',
                'changed-meanwhile',
                more: ['overridable' => false],
            ),
            $error instanceof DriverException && \in_array($error->getCode(), self::CANNOT_WRITE, true) => ProblemDocument::response(
                507,
                'The database cannot write: there is no room left on the workshop’s disk. What was stored is safe and can be read; make room and try again.',
                'no-room',
            ),
            $error instanceof ConnectionException, $error instanceof RetryableException => ProblemDocument::response(
                503,
                'The database does not answer just now. Nothing was lost; try again in a moment.',
            ),
            $error instanceof HttpExceptionInterface => ProblemDocument::response($error->getStatusCode(), self::forStatus($error->getStatusCode()), more: []),
            default => $this->fault($error),
        };
    }

    private function fault(\Throwable $error): JsonResponse
    {
        $this->logger->error('A fault: {message}', Logged::of($error));

        return ProblemDocument::response(500, 'Something went wrong on our side. What was stored is safe; try again.');
    }

    private static function sentence(ConstraintViolationInterface $violation): string
    {
        $message = (string) $violation->getMessage();
        // The serializer's own words for a wrong type, in ours.
        if (preg_match('/^This value should be of type (.+)\.$/', $message, $found)) {
            return match (true) {
                // What an enum says of a value that is none of its own.
                'int|string' === $found[1] => 'This is not one of the choices.',
                str_contains($found[1], 'int'), str_contains($found[1], 'float') => 'A number is needed here.',
                str_contains($found[1], 'bool') => 'Yes or no is needed here.',
                str_contains($found[1], 'array') => 'A list is needed here.',
                str_contains($found[1], 'string') => 'Some text is needed here.',
                default => 'This is not one of the choices.',
            };
        }

        return $message;
    }

    private static function told(FieldError $error): JsonResponse
    {
        $sentence = ucfirst($error->getMessage()).(str_ends_with($error->getMessage(), '.') ? '' : '.');

        return ProblemDocument::response(422, $sentence, errors: null === $error->field ? null : [['field' => $error->field, 'message' => $sentence]]);
    }

    private static function forStatus(int $status): string
    {
        return match ($status) {
            400 => 'The request could not be read: it is not sound JSON.',
            403 => 'That is not for your role.',
            404 => 'There is nothing here by that name.',
            405 => 'That cannot be done here.',
            413 => 'That is more than can be taken in at once. Nothing was stored.',
            415 => 'Only JSON is understood here.',
            422 => 'Something that was asked for cannot be.',
            default => 'That did not work.',
        };
    }
}
