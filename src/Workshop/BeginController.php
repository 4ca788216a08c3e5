<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Members;
use KindHeel\App\People\Passwords;
use KindHeel\App\Security\SessionViews;
use KindHeel\App\Security\TooManyTries;
use KindHeel\App\Security\Tries;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** The first page of a workshop of one’s own. */
final readonly class BeginController
{
    public function __construct(
        private BeginWorkshop $work,
        private IdempotentRequest $once,
        private Tries $tries,
        private Security $security,
        private Members $members,
        private SessionViews $views,
        private Passwords $passwords,
    ) {
    }

    #[Route('/api/begin', methods: ['POST'])]
    public function begin(
        #[MapRequestPayload(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false])]
        BeginInput $input,
    ): Response {
        try {
            $this->tries->begin('begin');
        } catch (TooManyTries $slow) {
            return $slow->problem();
        }
        $done = $this->once->answer(fn () => $this->work->begin($input), view: fn (): object => $this->views->of(null));
        $this->tries->forget('begin');

        $owner = $this->members->loadUserByIdentifier($input->login);

        // Sent again later, it opens to who still has that password.
        return $this->passwords->isRight($owner->getPassword(), $input->password) ? $this->security->login($owner, 'json_login') ?? $done : $done;
    }
}
