<?php

declare(strict_types=1);

namespace App\Evidence;

use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Photo\TargetFinder;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Makes the sizes in which a picture is shown, and looks for our card in it. */
#[AsMessageHandler]
final readonly class DerivePicturesHandler
{
    public function __construct(private ShownPictures $shown, private PhotoPixels $pixels, private PhotoRulers $rulers, private EntityManagerInterface $em)
    {
    }

    public function __invoke(DerivePictures $message): void
    {
        foreach ([PictureSize::Thumb, PictureSize::Screen] as $size) {
            $this->shown->make($message->hash, $size);
        }
        $raster = $this->pixels->shown($message->hash, PictureSize::Screen);
        $target = (new TargetFinder())->find($raster);
        if (null !== $target) {
            $picture = $this->em->getRepository(Picture::class)->findOneBy(['hash' => $message->hash]);
            foreach ($this->em->getRepository(Photo::class)->findBy(['picture' => $picture, 'ruler' => null]) as $photo) {
                $this->rulers->setCard($photo, $target, $raster->width, $raster->height);
            }
            $this->em->flush();
        }
    }
}
