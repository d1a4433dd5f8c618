<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Sharing\Company;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Whether there is anything new on a paper, and who else has it open; asked for every few seconds. */
final class CompanyController
{
    public function __construct(private readonly Company $company)
    {
    }

    /** Answers 304 with nothing in it while nothing is new. */
    public function revision(Request $request, Paper $paper, #[CurrentUser] Guest $guest): JsonResponse
    {
        $asked = $request->validate(['tab' => ['sometimes', 'ulid'], 'at' => ['nullable', 'ulid']]);
        $isShared = $paper->guest_id !== $guest->id || $this->company->isShared($paper);
        $here = $isShared && isset($asked['tab'])
            ? $this->company->meet($paper, $guest, $asked['tab'], $asked['at'] ?? null)
            : [];
        $answer = new JsonResponse(['revision' => $paper->revision, 'isShared' => $isShared, 'here' => $here]);
        $answer->setEtag(md5((string) $answer->getContent()));
        $answer->isNotModified($request);

        return $answer;
    }

    /** A tab says that it closes the paper. */
    public function leave(Request $request, Paper $paper, #[CurrentUser] Guest $guest): Response
    {
        $this->company->leave($paper, $guest, (string) $request->validate(['tab' => ['required', 'ulid']])['tab']);

        return new Response(status: 204);
    }
}
