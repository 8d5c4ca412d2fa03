<?php

declare(strict_types=1);

namespace App\Identity;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Identity\Form\FeaturesInput;
use App\Identity\Form\ModelInput;
use App\Identity\Form\VariantInput;
use App\Intake\CaseGate;
use App\Intake\KeepUnit;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Which unit it is: what was measured of it, the model that is taken, its variant. */
final class IdentityController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly IdentityPage $page,
        private readonly Telling $telling,
        private readonly KeepUnit $keep,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/identity', name: 'identity', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page->show($this->gate->find($number));
    }

    #[Route('/cases/{number}/identity/features', name: 'identity_features', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function features(string $number, #[MapRequestPayload] FeaturesInput $typed, KeepFeatures $keep): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $wrong = $keep($case, $typed->changed(), $this->person->get());

        return [] === $wrong ? $this->back($number, 'features') : $this->page->show($case, array_intersect_key($typed->is, $wrong), $wrong);
    }

    #[Route('/cases/{number}/identity/model', name: 'identity_model', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function model(string $number, #[MapRequestPayload] ModelInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $told = $this->telling->of($case);
        foreach ($told->candidates as $one) {
            if (null !== $one->model && $one->name() === $typed->model) {
                $case->identifiedAs($one->model, implode('; ', array_filter([$told->because($typed->model), $typed->because])));
                ($this->keep)($case);

                return $this->back($number, 'model');
            }
        }
        throw new ShopError('That model is not among those that were compared; measure something first, or type it at intake.', 422);
    }

    #[Route('/cases/{number}/identity/variant', name: 'identity_variant', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function variant(string $number, #[MapRequestPayload] VariantInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $choice = $this->shelf->book($case->family)->identity->choices[$typed->choice] ?? throw $this->createNotFoundException();
        if ('' !== $typed->is && !isset($choice->options[$typed->is])) {
            throw new ShopError(\sprintf('%s: expected one of %s.', $choice->question, implode(', ', $choice->options)), 422);
        }
        $case->isVariant($typed->choice, $typed->is, $typed->because);
        ($this->keep)($case);

        return $this->back($number, 'variants');
    }

    private function back(string $number, string $to): Response
    {
        return $this->redirectToRoute('identity', ['number' => $number, '_fragment' => $to], Response::HTTP_SEE_OTHER);
    }
}
