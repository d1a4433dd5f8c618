<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\SaveNote;
use Bibrel\App\Http\Resources\NoteResource;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Notes\NoteBook;
use Bibrel\App\Notes\NoteChanges;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Format\RichText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Notes on a paper's sources. */
final class NoteController
{
    public function __construct(private readonly NoteChanges $notes)
    {
    }

    public function index(Paper $paper): JsonResponse
    {
        $book = new NoteBook($paper);

        return new JsonResponse($book->notes()->map(
            static fn (Note $note): NoteResource => new NoteResource($note, $book->departure($note)),
        ));
    }

    /** Makes or changes a note under the id the browser made. */
    public function put(SaveNote $request, Paper $paper, string $id): JsonResponse
    {
        $note = $this->notes->save($paper, $id, $request->save(), $request->wanted(), $request->aside());
        $told = new NoteResource($note, (new NoteBook($paper))->departure($note));

        return $told->response()->setStatusCode($note->wasRecentlyCreated ? 201 : 200);
    }

    public function remove(Paper $paper, Note $note): Response
    {
        $this->notes->remove($paper, $note);

        return new Response(status: 204);
    }

    public function restore(Paper $paper, Note $note): NoteResource
    {
        return new NoteResource($this->notes->restore($paper, $note));
    }

    public function arrange(Request $request, Paper $paper): Response
    {
        $ids = $request->validate(['ids' => ['present', 'array', 'max:5000'], 'ids.*' => ['ulid']])['ids'];
        $this->notes->arrange($paper, array_values(array_map(strtoupper(...), $ids)));

        return new Response(status: 204);
    }

    /** One note as it goes into a draft, with its citation. */
    public function clipboard(Paper $paper, Note $note): JsonResponse
    {
        $runs = (new NoteBook($paper->load('sources')))->forDraft($note);

        return new JsonResponse(['html' => RichText::entry($runs), 'text' => Inline::text($runs)]);
    }
}
