<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * Does a thing once, however often it is asked for with the same `Idempotency-Key`.
 *
 * The key is written in the transaction that does the thing, so either both are there or neither. A second request
 * with the key waits for the first and is given its answer.
 */
final readonly class IdempotentRequest
{
    private const TRIES = 4;
    private const LONGEST_KEY = 200;
    private const NO_SUCH_SAVEPOINT = 1305;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private ManagerRegistry $registry,
        private RequestStack $requests,
        private Security $security,
        private ClockInterface $clock,
    ) {
    }

    /**
     * What answers with a view of how things stand is read once the change is written: nobody else waits for that, and a second request with the key is shown
     * how they stand then.
     *
     * @param \Closure(): mixed         $act  changes something; without `$view` it returns the view that answers
     * @param (\Closure(): object)|null $view reads the answer once the change has been written
     */
    public function answer(\Closure $act, int $status = 200, ?\Closure $view = null): JsonResponse
    {
        $key = $this->fingerprint();
        $acted = false;
        [$body, $was] = $this->again(function () use ($key, $act, $view, $status, &$acted): array {
            // Refused where it is there already: then it has been done. Nobody sees it before all of it is written.
            $this->connection->insert('remembered_answer', ['request' => $key, 'body' => '', 'status' => $status, 'at' => Iso::toRow($this->clock->now())]);
            $result = $act();
            $this->entities->flush();
            $body = '';
            if (null === $view) {
                $body = Answer::json(\is_object($result) ? $result : throw new \LogicException('Nothing to answer with.'));
                $this->connection->update('remembered_answer', ['body' => $body], ['request' => $key]);
            }
            $acted = true;

            return [$body, $status];
        }, $key);
        $response = null !== $view ? Answer::of($view(), $was) : JsonResponse::fromJsonString($body, $was);
        if (!$acted) {
            $response->headers->set('Idempotency-Replayed', 'true');
        }

        return $response;
    }

    /**
     * In a transaction. Where the database undid it because two got in each other's way, nothing has happened, and it is done once more from the start; what
     * had to be waited for too long is not waited for again.
     *
     * @param \Closure(): array{string, int} $act
     *
     * @return array{string, int} body and status
     */
    private function again(\Closure $act, string $key): array
    {
        for ($try = 1;; ++$try) {
            try {
                return $this->connection->transactional($act);
            } catch (\Throwable $error) {
                // What was not written is not to be written by what comes after.
                $this->entities->close();
                if (!$error instanceof DriverException) {
                    throw $error;
                }
                // The same act, asked for twice at once: the other one has done it.
                if ($error instanceof UniqueConstraintViolationException && null !== $known = $this->remembered($key)) {
                    $this->registry->resetManager();

                    return $known;
                }
                if (self::TRIES === $try || !self::isInTheWay($error)) {
                    throw $error;
                }
                $this->registry->resetManager();
            }
        }
    }

    private static function isInTheWay(DriverException $error): bool
    {
        return !$error instanceof LockWaitTimeoutException && (
            $error instanceof RetryableException
            || $error instanceof UniqueConstraintViolationException
            // A deadlock inside a transaction inside another: its savepoint has gone with it.
            || self::NO_SUCH_SAVEPOINT === $error->getCode()
        );
    }

    /** @return array{string, int}|null body and status */
    private function remembered(string $key): ?array
    {
        $row = Row::first($this->connection, 'SELECT body, status FROM remembered_answer WHERE request = ?', [$key]);

        return null === $row ? null : [$row->text('body'), $row->int('status')];
    }

    /** @throws KeyMissing since an answer that is lost could only be asked for again by acting again */
    private function fingerprint(): string
    {
        $request = $this->requests->getCurrentRequest() ?? throw new \LogicException('Nothing was asked for.');
        $key = $request->headers->get('Idempotency-Key') ?? '';
        if ('' === $key || \strlen($key) > self::LONGEST_KEY) {
            throw new KeyMissing();
        }

        return hash(
            'sha256',
            implode("\n", [
                $this->security->getUser()?->getUserIdentifier(),
                $key,
                $request->getMethod(),
                $request->getPathInfo(),
                hash('sha256', self::body($request->getContent())),
                ...self::files($request->files->all()),
            ]),
        );
    }

    /**
     * Of what was sent as files: another picture is another act.
     *
     * @param array<mixed> $files
     *
     * @return list<string>
     */
    private static function files(array $files): array
    {
        $digests = [];
        array_walk_recursive($files, static function (mixed $file, int|string $name) use (&$digests): void {
            $digests[] = $file instanceof UploadedFile && $file->isValid() ? $name.'='.hash_file('sha256', $file->getPathname()) : (string) $name;
        });

        return $digests;
    }

    /** What is asked for, whenever it was done: the same act is sent once more with its own time when the first answer was lost. */
    private static function body(string $content): string
    {
        $body = json_decode($content, true);
        if (!\is_array($body) || !\array_key_exists('at', $body)) {
            return $content;
        }
        unset($body['at']);

        return json_encode($body, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
