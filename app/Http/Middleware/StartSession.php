<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as FrameworkStartSession;

/** The framework's session without the previous address in it: a long one would not fit into the cookie. */
final class StartSession extends FrameworkStartSession
{
    protected function storeCurrentUrl(Request $request, $session): void
    {
        // Nothing here leads back to a previous address.
    }
}
