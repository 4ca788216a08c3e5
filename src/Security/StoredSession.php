<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\ORM\Mapping as ORM;

/** The table in which {@see DatabaseSessionHandler} keeps sessions; only the handler reads and writes it. */
#[ORM\Entity]
#[ORM\Table(name: 'sessions')]
class StoredSession
{
    #[ORM\Id, ORM\Column(name: 'sess_id', type: 'binary', length: 128)]
    private string $id = '';

    /** @var resource */
    #[ORM\Column(name: 'sess_data', type: 'blob', length: 16777215)]
    private mixed $data;

    #[ORM\Column(name: 'sess_lifetime')]
    private int $lifetime = 0;

    #[ORM\Column(name: 'sess_time')]
    private int $time = 0;
}
