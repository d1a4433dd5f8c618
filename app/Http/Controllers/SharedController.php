<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Exceptions\NoSuchLink;
use Bibrel\App\Http\Resources\ReadPageResource;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Share;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\People\Invitations;
use Bibrel\App\Sharing\LinkToken;
use Bibrel\App\Sharing\Right;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What somebody finds who follows a link to a paper. */
final class SharedController
{
    private const GONE = 'This link is no longer good: it was taken back, or its time is over. Ask whoever sent it for '
        .'another one.';

    /** What the link is to; with the page itself where that is all it gives. */
    public function show(string $token, #[CurrentUser] Guest $guest): JsonResponse
    {
        $share = self::live($token);
        $paper = $share->paper;
        $told = [
            'may' => $share->may->value,
            'title' => $paper->title,
            'owner' => Guest::names([$paper->guest_id])[$paper->guest_id],
            'isFor' => $share->email === null ? '' : self::covered($share->email),
            'endsOn' => $share->ends_at?->toDateString(),
        ];
        if ($share->may !== Right::Page) {
            $isOwn = $paper->guest_id === $guest->id;

            return new JsonResponse([...$told, 'paper' => $isOwn ? $paper->id : null]);
        }
        $read = (new ReadPageResource($paper->load('sources')))->resolve();
        $listed = array_column($read['page']['entries'], 'id');

        return new JsonResponse([
            ...$told,
            ...$read,
            'sources' => $paper->sources->whereIn('id', $listed)->map(static fn (SourceRecord $one): array => [
                'id' => $one->id, 'name' => $one->name(), 'kind' => $one->source()->kind->label,
                'url' => $one->source()->container()->url,
            ])->values(),
        ]);
    }

    /** Puts the paper on the guest's own list. */
    public function join(string $token, #[CurrentUser] Guest $guest): JsonResponse
    {
        $share = self::live($token);
        abort_if($share->may === Right::Page, 403, 'This link shows the page, and nothing more.');
        if ($share->email !== null && $guest->signIn?->account->email !== $share->email) {
            abort(403, 'This invitation is for '.self::covered($share->email).'. Sign in with that address, or open '
                .'an account with it.');
        }
        $guest->arrive();
        Invitations::join($share, $guest->id, again: true);
        $share->paper->raise();

        return new JsonResponse(['paper' => $share->paper_id]);
    }

    private static function live(string $token): Share
    {
        $share = LinkToken::mayBe($token)
            ? Share::live()->with('paper')->where('token', $token)->first()
            : null;

        // A paper in the bin is not there for others.
        return $share?->paper === null ? throw new NoSuchLink(self::GONE) : $share;
    }

    /** As much of an address as its owner needs to know it again. */
    private static function covered(string $email): string
    {
        return (string) preg_replace('/^(.)[^@]*/u', '$1…', $email);
    }
}
