<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Http\Refused;
use KindHeel\App\People\AccountChange;
use KindHeel\App\People\AccountNotes;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\App\People\PasswordAsked;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\SignIns;
use KindHeel\App\People\TimeCode;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Text\FieldError;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** One’s own password, number, second factor, and where one is signed in; and taking over a tablet that is shared. */
final readonly class OwnController
{
    private const STRICT = ['allow_extra_attributes' => false];
    private const NUMBER = ['id' => '\d{1,9}'];

    public function __construct(
        private Connection $connection,
        private Members $members,
        private Passwords $passwords,
        private SignIns $signIns,
        private SignInSteps $steps,
        private AccountNotes $notes,
        private Tries $tries,
        private IdempotentRequest $once,
        private Security $security,
        private WorkshopSettings $settings,
    ) {
    }

    #[Route('/api/own', methods: ['GET'])]
    public function show(#[CurrentUser] Member $member): JsonResponse
    {
        return Answer::of($this->view($member));
    }

    /** Wherever else somebody is signed in by the password before, it ends; here a new session begins. */
    #[Route('/api/password', methods: ['PUT'])]
    public function password(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        NewPasswordInput $input,
        #[CurrentUser]
        Member $member,
    ): Response {
        if (!$member->oneTime) {
            if (null !== $slow = $this->tooMany($member)) {
                return $slow;
            }
            $this->passwords->isRight($member->getPassword(), $input->was) || throw new FieldError('was', 'That is not your password.');
            $this->tries->forget(SignInThrottle::who($member, ''));
        }
        $this->passwords->isRight($member->getPassword(), $input->password) && throw new FieldError('password', 'That is the one before. Take another.');
        $done = $this->once->answer(function () use ($member, $input): void {
            $this->passwords->set($this->members->person($member), $input->password);
            $this->signIns->endAll($member->id);
            // Who has just been given a word sets their own at once, and knows.
            $member->oneTime || $this->notes->say($member->id, AccountChange::NewPassword);
        }, view: fn (): OwnView => $this->view($member));

        return $this->security->login($this->members->loadUserByIdentifier($member->login), 'json_login') ?? $done;
    }

    /** Asked before a file is fetched that matters: a browser that fetches it shows no dialog. */
    #[Route('/api/session/sure', methods: ['GET'])]
    public function isSure(#[CurrentUser] Member $member): JsonResponse
    {
        PasswordAsked::unlessSure($member);

        return Answer::of($this->view($member));
    }

    /** Before something that matters. */
    #[Route('/api/session/sure', methods: ['POST'])]
    public function sure(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        SureInput $input,
        #[CurrentUser]
        Member $member,
        Request $request,
    ): JsonResponse {
        if (null !== $slow = $this->tooMany($member)) {
            return $slow;
        }
        $this->passwords->isRight($member->getPassword(), $input->password) || throw new FieldError('password', 'That is not your password.');
        try {
            $this->steps->mustShow($member, $request);
        } catch (SecondFactorAsked $asked) {
            throw new FieldError('code', $asked->getMessageKey());
        }
        $this->tries->forget(SignInThrottle::who($member, ''));
        $this->signIns->isSure($member->signIn);

        return Answer::of($this->view($member));
    }

    #[Route('/api/own/pin', methods: ['PUT'])]
    public function pin(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        PinInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        PasswordAsked::unlessSure($member);

        return $this->once->answer(function () use ($member, $input): void {
            $person = $this->members->person($member);
            null === $input->pin ? $person->setPinHash(null) : $this->passwords->setPin($person, $input->pin);
            $this->notes->say($member->id, AccountChange::ShortNumber);
        }, view: fn (): OwnView => $this->view($member));
    }

    #[Route('/api/own/second-factor', methods: ['GET'])]
    public function newSecondFactor(#[CurrentUser] Member $member): JsonResponse
    {
        PasswordAsked::unlessSure($member);
        $secret = TimeCode::base32(random_bytes(20));

        return Answer::of(new SecondFactorView($secret, TimeCode::address($secret, $member->login, $this->settings->identity()->name)));
    }

    #[Route('/api/own/second-factor', methods: ['PUT'])]
    public function secondFactor(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        SecondFactorInput $input,
        #[CurrentUser]
        Member $member,
    ): JsonResponse {
        PasswordAsked::unlessSure($member);
        $step = TimeCode::step($input->secret, $input->code, 0, time()) ?? throw new FieldError('code', 'These are not the digits that it shows now.');

        return $this->once->answer(function () use ($member, $input, $step): void {
            $this->members->person($member)->setSecondFactor($input->secret, $step);
            $this->notes->say($member->id, AccountChange::SecondFactorOn);
        }, view: fn (): OwnView => $this->view($member));
    }

    #[Route('/api/own/second-factor', methods: ['DELETE'])]
    public function noSecondFactor(#[CurrentUser] Member $member): JsonResponse
    {
        PasswordAsked::unlessSure($member);

        return $this->once->answer(function () use ($member): void {
            $this->members->person($member)->setSecondFactor(null);
            $this->notes->say($member->id, AccountChange::SecondFactorOff);
        }, view: fn (): OwnView => $this->view($member));
    }

    /** What they were told of how they sign in was them. */
    #[Route('/api/own/notes', methods: ['DELETE'])]
    public function seen(#[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(fn () => $this->notes->seen($member->id), view: fn (): OwnView => $this->view($member));
    }

    #[Route('/api/own/sign-ins/{id}', requirements: self::NUMBER, methods: ['DELETE'])]
    public function end(int $id, #[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(fn () => $this->signIns->end($id, $member->id), view: fn (): OwnView => $this->view($member));
    }

    /** Everywhere but here. */
    #[Route('/api/own/sign-ins', methods: ['DELETE'])]
    public function endAll(#[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(fn () => $this->signIns->endAll($member->id, $member->signIn), view: fn (): OwnView => $this->view($member));
    }

    #[Route('/api/hands', methods: ['GET'])]
    public function hands(#[CurrentUser] Member $member): JsonResponse
    {
        return Answer::of(new HandsView(array_map(
            static fn (Row $r): HandView => new HandView($r->int('id'), $r->text('name')),
            Row::all(
                $this->connection,
                'SELECT id, name FROM person WHERE left_on IS NULL AND pin_hash IS NOT NULL AND pin_tries < ? AND id <> ? ORDER BY name',
                [Passwords::PIN_TRIES, $member->id],
            ),
        )));
    }

    /** Somebody is signed in here in full; another of the workshop goes on at the same tablet. */
    #[Route('/api/hands', methods: ['POST'])]
    public function takeOver(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: self::STRICT)]
        TakeOverInput $input,
        #[CurrentUser]
        Member $member,
        Request $request,
    ): Response {
        // Counted before it is looked at. Another try is open once they have given their password somewhere.
        $counted = $this->connection->executeStatement(
            'UPDATE person SET pin_tries = pin_tries + 1 WHERE id = ? AND left_on IS NULL AND pin_hash IS NOT NULL AND pin_tries < ?',
            [$input->person, Passwords::PIN_TRIES],
        );
        $row = Row::first($this->connection, 'SELECT login, pin_hash, pin_tries FROM person WHERE id = ?', [$input->person]);
        if (1 !== $counted || null === $row) {
            throw Refused::now('They have no number here, or it was wrong too many times. They sign in with their password, and set it anew.');
        }
        if (!$this->passwords->isRight($row->textOrNull('pin_hash'), $input->pin)) {
            $left = Passwords::PIN_TRIES - $row->int('pin_tries');

            throw new FieldError('pin', 'That is not their number. '.match ($left) {
                0 => 'It was the last try: now only their password opens.',
                1 => 'One try is left.',
                default => \sprintf('%d tries are left.', $left),
            });
        }
        $this->connection->executeStatement('UPDATE person SET pin_tries = 0 WHERE id = ?', [$input->person]);
        $this->signIns->end($member->signIn, $member->id);
        $request->attributes->set(SignInSteps::TAKES_OVER, $member->signIn);

        return $this->security->login($this->members->loadUserByIdentifier($row->text('login')), 'json_login') ?? throw new \LogicException('No answer.');
    }

    private function tooMany(Member $member): ?JsonResponse
    {
        try {
            $this->tries->begin(SignInThrottle::who($member, ''));
        } catch (TooManyTries $slow) {
            return $slow->problem();
        }

        return null;
    }

    private function view(Member $member): OwnView
    {
        $row = Row::first(
            $this->connection,
            'SELECT pin_hash IS NOT NULL AS pin, second_factor IS NOT NULL AS second_factor FROM person WHERE id = ?',
            [$member->id],
        ) ?? throw new \LogicException('Nobody.');

        return new OwnView(
            $member->login,
            $member->name,
            $member->role,
            $row->flag('pin'),
            $row->flag('second_factor'),
            $this->signIns->of($member->id, $member->signIn),
        );
    }
}
