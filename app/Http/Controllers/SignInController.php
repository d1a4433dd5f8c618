<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\TrySignIn;
use Bibrel\App\Http\Resources\MeResource;
use Bibrel\App\Http\Resources\SignInResource;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SignIn;
use Bibrel\App\People\SignIns;
use Bibrel\App\People\TakeOver;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Signing in and out, here and elsewhere. */
final class SignInController
{
    public function __construct(private readonly SignIns $signIns)
    {
    }

    /** Papers of this browser that would go along into an account. */
    public function here(Request $request): JsonResponse
    {
        $papers = TakeOver::worthTaking((string) $request->attributes->get('browser'));
        $papers->whereNull('removed_at')->latest('updated_at');

        return new JsonResponse(['papers' => $papers->get(['id', 'title'])->map(
            static fn (Paper $paper): array => ['id' => $paper->id, 'title' => $paper->title],
        )]);
    }

    public function start(TrySignIn $request, TakeOver $takeOver): MeResource
    {
        $account = $request->account();
        if ($request->boolean('take', true)) {
            $takeOver->give((string) $request->attributes->get('browser'), $account->id);
        }
        Guest::known($account->id)->arrive();
        $signIn = $this->signIns->start($account, $request, $request->boolean('lasting'));

        return new MeResource(AccountController::guest($account, $signIn));
    }

    public function end(Request $request, #[CurrentUser] Guest $guest): Response
    {
        if ($guest->signIn !== null) {
            $this->signIns->end($guest->signIn, $request);
        }

        return new Response(status: 204);
    }

    /** Every browser they are signed in with. */
    public function index(#[CurrentUser] Guest $guest): JsonResponse
    {
        $all = SignIn::query()->where('account_id', $guest->signIn?->account_id)->latest('seen_at')->get();

        return new JsonResponse($all->map(
            static fn (SignIn $one): SignInResource => new SignInResource($one, $one->id === $guest->signIn?->id),
        ));
    }

    /** Ends one of them, wherever it is. */
    public function endOne(#[CurrentUser] Guest $guest, string $signIn): Response
    {
        SignIn::query()->where('account_id', $guest->signIn?->account_id)->findOrFail($signIn)->delete();

        return new Response(status: 204);
    }
}
