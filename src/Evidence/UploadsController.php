<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Permission;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Pieces of a file: how much is here, and the next one. A page of another site cannot send them: PUT asks first. */
final class UploadsController extends AbstractController
{
    public function __construct(private readonly PartialUploads $partial)
    {
    }

    #[Route('/uploads/{id}', name: 'upload_piece', methods: ['GET', 'PUT'])]
    #[IsGranted(Permission::PHOTOGRAPH)]
    public function piece(string $id, Request $request): Response
    {
        return $this->answer($id, $request);
    }

    #[Route('/phone/{token}/uploads/{id}', name: 'phone_upload_piece', methods: ['GET', 'PUT'])]
    public function phonePiece(string $id, Request $request): Response
    {
        return $this->answer($id, $request);
    }

    private function answer(string $id, Request $request): Response
    {
        /** @var resource $body */
        $body = $request->getContent(true);

        return new JsonResponse(
            [
                'here' => $request->isMethod('PUT')
                    ? $this->partial->append($id, $request->query->getInt('offset'), $body)
                    : $this->partial->length($id),
            ]
        );
    }
}
