<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Models\Guest;
use Bibrel\App\People\Archive;
use Bibrel\App\People\ArchiveReader;
use Bibrel\App\People\NoArchive;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything somebody has, out and in again. */
final class ArchiveController
{
    public function give(#[CurrentUser] Guest $guest, Archive $archive): BinaryFileResponse
    {
        $name = 'bibrel-'.now()->toDateString().'.zip';

        return response()->download($archive->made($guest), $name, [
            'Content-Type' => 'application/zip', 'Cache-Control' => 'private, no-store',
        ])->deleteFileAfterSend();
    }

    public function take(Request $request, #[CurrentUser] Guest $guest, ArchiveReader $reader): JsonResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            abort(422, 'Choose the archive first.');
        }
        try {
            return new JsonResponse(['papers' => $reader->take($file->getPathname(), $guest)], 201);
        } catch (NoArchive $none) {
            abort(422, $none->getMessage());
        }
    }
}
