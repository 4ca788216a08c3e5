<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** How a step stands at a moment. */
enum Standing: string
{
    /** An earlier step is not done. */
    case Blocked = 'blocked';
    /** The coat below is not ready. */
    case Waiting = 'waiting';
    /** The coat below will not get ready in this air. */
    case Stalled = 'stalled';
    /** The coat below should be ready; its gate test says so or not. */
    case ToTest = 'to-test';
    /** It may start now. */
    case Open = 'open';
    /** Its window has closed. */
    case Late = 'late';
}
