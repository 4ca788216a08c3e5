<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
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
     * @param \Closure(): mixed         $act  changes something; without `$view` it returns the view that answers
     * @param (\Closure(): object)|null $view reads the answer once the change has been written
     */
    public function answer(\Closure $act, int $status = 200, ?\Closure $view = null): JsonResponse
    {
        $key = $this->fingerprint();
        if (null === $key) {
            return $this->again(fn (): JsonResponse => Answer::of($this->act($act, $view), $status));
        }
        $known = $this->remembered($key);
        if (null !== $known) {
            return $known;
        }
        try {
            return $this->again(function () use ($key, $act, $view, $status): JsonResponse {
                $this->forgetOld();
                $this->connection->insert('remembered_answer', ['request' => $key, 'body' => '', 'status' => 0, 'at' => Iso::toRow($this->clock->now())]);
                $body = Answer::json($this->act($act, $view));
                $this->connection->update('remembered_answer', ['body' => $body, 'status' => $status], ['request' => $key]);

                return JsonResponse::fromJsonString($body, $status);
            });
        } catch (UniqueConstraintViolationException $error) {
            return $this->remembered($key) ?? throw $error;
        }
    }

    /**
     * In a transaction. Where the database undid it because two got in each other's way, nothing has happened, and it is done once more from the start.
     *
     * @param \Closure(): JsonResponse $act
     */
    private function again(\Closure $act): JsonResponse
    {
        for ($try = 1;; ++$try) {
            try {
                return $this->entities->wrapInTransaction($act);
            } catch (RetryableException $error) {
                if (self::TRIES === $try) {
                    throw $error;
                }
                $this->registry->resetManager();
            }
        }
    }

    /**
     * @param \Closure(): mixed         $act
     * @param (\Closure(): object)|null $view
     */
    private function act(\Closure $act, ?\Closure $view): object
    {
        $result = $act();
        $this->entities->flush();
        $answer = null === $view ? $result : $view();

        return \is_object($answer) ? $answer : throw new \LogicException('Nothing to answer with.');
    }

    private function remembered(string $key): ?JsonResponse
    {
        $row = Row::first($this->connection, 'SELECT body, status FROM remembered_answer WHERE request = ? AND status > 0', [$key]);
        if (null === $row) {
            return null;
        }
        $response = JsonResponse::fromJsonString($row->text('body'), $row->int('status'));
        $response->headers->set('Idempotency-Replayed', 'true');

        return $response;
    }

    /** Nobody asks again after a day; a few at a time, so that no request pays for all. */
    private function forgetOld(): void
    {
        $this->connection->executeStatement('DELETE FROM remembered_answer WHERE at < ? LIMIT 20', [Iso::toRow($this->clock->now()->modify('-1 day'))]);
    }

    private function fingerprint(): ?string
    {
        $request = $this->requests->getCurrentRequest();
        $key = $request?->headers->get('Idempotency-Key');
        if (null === $request || null === $key || '' === $key) {
            return null;
        }

        return hash(
            'sha256',
            implode("\n", [
                $this->security->getUser()?->getUserIdentifier(),
                $key,
                $request->getMethod(),
                $request->getPathInfo(),
                hash('sha256', self::body($request->getContent())),
            ]),
        );
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
