<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Learning\Learning;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\App\People\Role;
use KindHeel\App\Settings\Gear;
use KindHeel\App\Settings\OtherDay;
use KindHeel\App\Settings\SettingsVersion;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Schedule\SetUpMinutes;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What the workshop sets for itself; what it changes of the hours moves all that lies ahead. */
#[Route('/api/workshop')]
final readonly class WorkshopController
{
    private const STRICT = ['allow_extra_attributes' => false];

    public function __construct(
        private WorkshopReader $reader,
        private WorkshopSettings $settings,
        private AtHome $home,
        private Learning $learning,
        private EventDispatcherInterface $events,
        private Members $members,
        private EntityManagerInterface $entities,
        private Connection $connection,
        private SettingsVersion $version,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('', methods: ['GET'])]
    public function show(#[CurrentUser] Member $member): JsonResponse
    {
        return Answer::of($this->reader->forPerson($member->id));
    }

    #[Route('/working-days', methods: ['GET'])]
    public function workingDays(): JsonResponse
    {
        return Answer::of($this->reader->workingDays());
    }

    #[Route('/people/{id}', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function hours(
        int $id,
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        HoursInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        if ($id !== $member->id && Role::Owner !== $member->role) {
            throw new AccessDeniedHttpException();
        }

        return $this->set($input->version, function () use ($id, $input): void {
            $week = [];
            foreach ($input->week as $day) {
                if ([] !== $day->shifts) {
                    $week[$day->day] = ShiftInput::stored($day->shifts);
                }
            }
            $this->members->hands($id)->works($week, array_map(static fn (Phase $p): string => $p->value, $input->skills));
        }, $member);
    }

    #[Route('/days', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function day(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        OtherDayInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(function () use ($input): void {
            $this->entities->persist(
                new OtherDay(
                    new \DateTimeImmutable($input->day),
                    ShiftInput::stored($input->shifts),
                    trim($input->why),
                    null === $input->person ? null : $this->members->hands($input->person),
                ),
            );
        }, $member);
    }

    #[Route('/days/{id}', requirements: ['id' => '\d{1,9}'], methods: ['DELETE'])]
    #[IsGranted('ROLE_RESTORER')]
    public function usualDay(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->act(fn () => $this->connection->delete('other_day', ['id' => $id]), $member);
    }

    #[Route('/stations', methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function station(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        StationInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->set(
            $input->version,
            fn () => null === Gear::tryFrom($input->station)
                ? $this->settings->takePlaces([...$this->settings->places(), $input->station => $input->places])
                : $this->settings->takeGear([...$this->settings->gear(), $input->station => $input->places]),
            $member,
        );
    }

    #[Route('/set-up', methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function setUp(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        SetUpInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->set(
            $input->version,
            fn () => $this->settings->takeSetUp(new SetUpMinutes($input->switchMinutes, $input->handoverMinutes)),
            $member,
        );
    }

    #[Route('/identity', methods: ['PUT'])]
    #[IsGranted('ROLE_OWNER')]
    public function identity(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        IdentityInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->set($input->version, function () use ($input, $member): void {
            $this->settings->takeIdentity($input->identity());
            if ($input->home) {
                $this->home->isOf($member->name);
            }
        }, $member);
    }

    #[Route('/alarm', methods: ['PUT'])]
    #[IsGranted('ROLE_RESTORER')]
    public function alarm(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        AlarmInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->set($input->version, fn () => $this->settings->takeAlarm($input->alarm), $member);
    }

    #[Route('/learned/reset', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function reset(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        ResetInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        return $this->act(fn () => $this->learning->reset($input->kind, $input->what), $member);
    }

    /**
     * @param string            $seen version of the settings
     * @param \Closure(): mixed $act
     */
    private function set(string $seen, \Closure $act, Member $member): JsonResponse
    {
        return $this->act(function () use ($seen, $act): void {
            $this->version->mustBe($seen);
            $act();
        }, $member);
    }

    /** @param \Closure(): mixed $act */
    private function act(\Closure $act, Member $member): JsonResponse
    {
        return $this->once->answer(function () use ($act): void {
            $act();
            $this->events->dispatch(BenchChanged::inTime());
        }, view: fn (): WorkshopView => $this->reader->forPerson($member->id));
    }
}
