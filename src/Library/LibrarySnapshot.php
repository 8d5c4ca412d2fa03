<?php

declare(strict_types=1);

namespace App\Library;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use Doctrine\ORM\EntityManagerInterface;

/** The book as it was, to the letter, and which of two schools was used. */
final readonly class LibrarySnapshot implements SnapshotPart
{
    public function __construct(private EntityManagerInterface $em, private BookShelf $shelf)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        $text = $this->shelf->text($case->family);

        return [
            'book' => ['key' => $case->family, 'title' => $this->shelf->book($case->family)->title, 'sha256' => hash('sha256', $text), 'text' => $text],
            'choices-used' => Plain::all($this->em->getRepository(SchoolPick::class)->findBy(['case' => $case], ['id' => 'ASC'])),
        ];
    }
}
