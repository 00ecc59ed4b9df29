<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Report\Photo;
use App\Actions\Report\UnusablePhoto;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Kit\KitFolder;
use Chiralex\Board\FourCorners;
use Chiralex\Board\Side;
use Chiralex\ChiralexException;
use Chiralex\Kit\Edit\FactEdit;
use Chiralex\Kit\Edit\FileEdit;
use ChiralexAdapters\SquaredPhoto;

/** Puts a photograph of the board at a step: cleaned of what the camera wrote into it, squared by its four corners, kept with the kit. */
final readonly class PlacePhoto
{
    /** They travel with the builder's page, which has to open with a poor connection. */
    private const MOST = 12;

    public function __construct(private KitFolder $folder, private EditRevision $edit, private Photo $photo) {}

    /**
     * @param list<string> $at parts of the step
     * @param bool $sure the maker was asked whether it is this board
     * @throws UnclearPhoto
     * @throws UnusablePhoto
     * @throws EditConflict
     * @throws ChiralexException
     */
    public function __invoke(
        Revision $revision,
        User $user,
        string $operationId,
        int $seen,
        string $bytes,
        FourCorners $corners,
        array $at,
        string $board,
        Side $side,
        bool $sure,
    ): Revision {
        $shape = $this->folder->kit($revision)->board($board);
        if ($shape === null || count($shape->outline->corners) < 3) {
            throw UnclearPhoto::noBoard($board);
        }
        [$left, $low, $right, $high] = $shape->outline->bounds();
        [$width, $height] = [$right - $left, $high - $low];
        $turned = $shape->turn % 180 !== 0;
        $ratio = $turned ? $height / $width : $width / $height;
        if (!$corners->areInOrder()) {
            throw UnclearPhoto::outOfOrder();
        }
        if (!$sure && !$corners->mayBe($ratio, 1.0)) {
            throw UnclearPhoto::otherShape($corners->ratio(), $ratio);
        }
        $squared =
            SquaredPhoto::of($this->photo->cleaned($bytes), $corners, $ratio) ?? throw UnclearPhoto::outOfOrder();
        $name = 'photo-' . substr(hash('sha256', $squared), 0, 12) . '.jpg';
        $said = $this->folder->of($revision)->fact('photos');
        $photos = is_array($said) ? array_values($said) : [];
        if (count($photos) >= self::MOST) {
            throw UnclearPhoto::tooMany(self::MOST);
        }
        $photos[] = [
            'file' => $name,
            'at' => $at,
            'board' => $board,
            'side' => $side->value,
            'outline' => [round($width, 2), round($height, 2)],
            'revision' => $revision->name,
        ];

        return ($this->edit)($revision->id, $user, $operationId, $seen, [
            new FileEdit($name, $squared),
            FactEdit::read('photos', $photos),
        ]);
    }
}
