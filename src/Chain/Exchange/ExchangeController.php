<?php

declare(strict_types=1);

namespace App\Chain\Exchange;

use App\Account\Permission;
use App\Chain\ChainDrawing;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Japhrex\Core\Chain\Exchange\ChainFormError;
use Japhrex\Core\Chain\Exchange\GraphForms;
use Japhrex\Core\Chain\Exchange\JsonForm;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The chain of a case out to other programs, and in from another copy of this one. */
final class ExchangeController extends AbstractController
{
    private const TYPES = [
        'json' => 'application/json',
        'dot' => 'text/vnd.graphviz',
        'graphml' => 'application/graphml+xml',
        'svg' => 'image/svg+xml',
    ];

    /** Largest chain that is read, bytes. */
    private const LARGEST = 2_000_000;

    public function __construct(private readonly CaseGate $gate, private readonly CaseDocument $documents)
    {
    }

    #[Route('/cases/{number}/chain.{format}', name: 'chain_export', requirements: ['format' => 'json|dot|graphml|svg'], methods: ['GET'])]
    public function export(string $number, string $format, ChainDrawing $drawing): Response
    {
        $case = $this->gate->find($number);
        $content = match ($format) {
            'svg' => $this->renderView('chain/export.svg.twig', ['drawing' => $drawing->draw($case)]),
            'dot' => GraphForms::dot($this->documents->write($case)),
            'graphml' => GraphForms::graphMl($this->documents->write($case)),
            default => JsonForm::write($this->documents->write($case)),
        };

        return new Response(
            $content,
            200,
            [
                'Content-Type' => self::TYPES[$format].('svg' === $format ? '' : '; charset=utf-8'),
                'Content-Disposition' => HeaderUtils::makeDisposition('attachment', \sprintf('%s-chain.%s', $case->number, $format)),
            ],
        );
    }

    #[Route('/cases/{number}/chain/import', name: 'chain_import', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function import(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $file = $request->files->get('chain');
        if (!$file instanceof UploadedFile || !$file->isValid() || $file->getSize() > self::LARGEST) {
            throw new ShopError(\sprintf('Choose a chain as JSON, of at most %d MB.', self::LARGEST / 1_000_000), 422);
        }
        try {
            $this->documents->into($case, JsonForm::read($file->getContent()));
        } catch (ChainFormError $e) {
            throw new ShopError(\sprintf('%s cannot be read. %s', $file->getClientOriginalName(), $e->getMessage()), 422);
        }

        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
