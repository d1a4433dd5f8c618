<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\MakeShare;
use Bibrel\App\Http\Resources\ShareResource;
use Bibrel\App\Mail\Invitation;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Member;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\Share;
use Bibrel\App\People\Invitations;
use Bibrel\App\Sharing\LinkToken;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Mail;

/** By which ways others come to a paper. */
final class ShareController
{
    public function index(Paper $paper): JsonResponse
    {
        return new JsonResponse(ShareResource::collection(
            $paper->shares()->with('members')->oldest()->orderBy('id')->get(),
        ));
    }

    /** Gives out a link, or invites somebody by mail; asking twice under one id gives one. */
    public function put(
        MakeShare $request,
        Paper $paper,
        string $id,
        #[CurrentUser] Guest $guest,
        Invitations $invitations,
    ): JsonResponse {
        $known = Share::query()->find($id);
        if ($known !== null) {
            abort_if($known->paper_id !== $paper->id, 404);
            $known->update(['may' => $request->right(), 'ends_at' => $request->endsAt()]);

            return (new ShareResource($known->load('members')))->response();
        }
        $share = Share::query()->create([
            'id' => $id,
            'paper_id' => $paper->id,
            'may' => $request->right(),
            'token' => LinkToken::make(),
            'email' => $request->email(),
            'ends_at' => $request->endsAt(),
        ]);
        if ($share->email !== null) {
            Mail::to($share->email)->queue(Invitation::of($share->setRelation('paper', $paper), $guest));
            $invitations->invite($share);
        }
        $paper->raise();

        return (new ShareResource($share->load('members')))->response()->setStatusCode(201);
    }

    /** Takes it back: nobody comes in by it any more, and those who had are out. */
    public function revoke(Paper $paper, Share $share): ShareResource
    {
        $share->update(['revoked_at' => $share->revoked_at ?? now()]);
        $paper->raise();

        return new ShareResource($share->load('members'));
    }

    public function restore(Paper $paper, Share $share): ShareResource
    {
        $share->update(['revoked_at' => null]);
        $paper->raise();

        return new ShareResource($share->load('members'));
    }

    /** Somebody takes a paper that is shared with them off their own list. */
    public function leave(Paper $paper, #[CurrentUser] Guest $guest): Response
    {
        Member::query()->where(['paper_id' => $paper->id, 'guest_id' => $guest->id])->update(['left_at' => now()]);
        $paper->raise();

        return new Response(status: 204);
    }

    /** Back on the list it was taken off. */
    public function comeBack(string $paper, #[CurrentUser] Guest $guest): Response
    {
        Member::query()->where(['paper_id' => $paper, 'guest_id' => $guest->id])->update(['left_at' => null]);

        return new Response(status: 204);
    }
}
