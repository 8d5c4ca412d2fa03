<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Account\Permission;
use App\Evidence\PictureResponse;
use App\Evidence\PictureSize;
use App\Evidence\ShownPictures;
use App\Exchange\Bag\BagZip;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A case of another shop, to be read. */
#[Route('/exchange/brought/{id}')]
final class BroughtController extends AbstractController
{
    public function __construct(private readonly BroughtPages $pages, private readonly StoredFiles $stored)
    {
    }

    #[Route('', name: 'brought', methods: ['GET'])]
    public function show(Brought $brought): Response
    {
        return $this->render('exchange/brought.html.twig', ['page' => $this->pages->of($brought)]);
    }

    #[Route('/picture/{size}/{path}', name: 'brought_picture', requirements: ['size' => '\d+', 'path' => 'photos/.+'], methods: ['GET'])]
    public function picture(Brought $brought, int $size, string $path, Request $request, ShownPictures $shown): Response
    {
        $hash = $this->hash($brought, $path);
        $response = new Response(headers: ['Content-Type' => 'image/jpeg']);
        $response->setEtag($hash.'-'.$size)->setPrivate()->setMaxAge(31536000)->setImmutable();
        if ($response->isNotModified($request)) {
            return $response;
        }

        return PictureResponse::streamed($shown->open($hash, PictureSize::tryFrom($size) ?? PictureSize::Thumb, Brought::AREA), $response);
    }

    /** One of its files as it came. Nothing of another shop is opened within a page of this one. */
    #[Route('/file/{path}', name: 'brought_file', requirements: ['path' => '.+'], methods: ['GET'])]
    public function save(Brought $brought, string $path): Response
    {
        return $this->stored->send(Brought::AREA, $this->hash($brought, $path), 'application/octet-stream', basename($path), true);
    }

    /** The bag as it came, packed anew. */
    #[Route('/bundle.zip', name: 'brought_zip', methods: ['GET'])]
    #[IsGranted(Permission::EXCHANGE)]
    public function out(Brought $brought): Response
    {
        $folder = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8));
        $files = new Filesystem();
        try {
            $files->mkdir($folder);
            $payload = [];
            foreach ($brought->files as $path => $hash) {
                rename($this->stored->copyOut(Brought::AREA, $hash), $payload[$path] = $folder.'/'.\count($payload));
            }
            $zip = new BagZip($target = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8)));
            $zip->add($brought->number, $payload, $brought->info);
            $zip->close();
        } finally {
            $files->remove($folder);
        }

        return (new BinaryFileResponse($target, headers: ['Content-Type' => 'application/zip']))
            ->setContentDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $brought->number.'.zip')
            ->deleteFileAfterSend();
    }

    private function hash(Brought $brought, string $path): string
    {
        return $brought->files[$path] ?? throw new ShopError(\sprintf('There is no %s in what came with this case.', $path), 404);
    }
}
