<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\OurShop;
use App\Account\Permission;
use App\Account\ShopSettings;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Repair\RepairDesk;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Messenger\EventListener\StopWorkerOnRestartSignalListener;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Whose program this is: name, address, logo, time zone, currency, units, numbers of cases. */
final class SettingsController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly OurShop $shop,
        private readonly StoredFiles $stored,
        #[Autowire(service: 'cache.messenger.restart_workers_signal')]
        private readonly CacheItemPoolInterface $signals,
    ) {
    }

    #[Route('/settings', name: 'settings', methods: ['GET', 'POST'])]
    #[IsGranted(Permission::ANALYSE)]
    public function settings(Request $request, RepairDesk $repair): Response
    {
        $settings = $this->shop->settings();
        $form = $this->createForm(SettingsType::class, $settings);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $this->takeLogo($settings, $form);
            $this->entityManager->flush();
            $this->restartWorkers();
            $this->addFlash('kept', 'Kept. It holds from now on; what was signed stays as it was signed.');

            return $this->redirectToRoute('settings', status: Response::HTTP_SEE_OTHER);
        }
        if ($form->isSubmitted()) {
            // What did not hold is shown in its field, and nowhere else.
            $this->entityManager->detach($settings);
            $this->shop->reset();
        }

        return $this->render('shop/settings.html.twig', [
            'form' => $form,
            'rates' => $repair->rates(),
            'zones' => \DateTimeZone::listIdentifiers(),
            'example' => $this->shop->settings()->caseNumber(118, (int) now()->format('Y')),
        ]);
    }

    /** Beside what a customer reads, who has no log-in. */
    #[Route('/offer/logo', name: 'shop_logo', methods: ['GET'], priority: 1)]
    public function logo(): Response
    {
        $settings = $this->shop->settings();

        return $this->stored->send(
            ShopSettings::AREA,
            $settings->logo ?? throw new ShopError('The shop has no logo.', 404),
            $settings->logoType,
            'logo',
        );
    }

    /** A worker that runs has begun in the old time zone. */
    private function restartWorkers(): void
    {
        $item = $this->signals->getItem(StopWorkerOnRestartSignalListener::RESTART_REQUESTED_TIMESTAMP_KEY);
        $this->signals->save($item->set(microtime(true)));
    }

    /** @param FormInterface<mixed> $form */
    private function takeLogo(ShopSettings $settings, FormInterface $form): void
    {
        $file = $form->get('logoFile')->getData();
        if ($file instanceof UploadedFile) {
            $settings->logoType = (string) $file->getMimeType();
            $settings->logo = $this->stored->keep(ShopSettings::AREA, $file->getPathname());
        } elseif (true === $form->get('noLogo')->getData()) {
            [$settings->logo, $settings->logoType] = [null, ''];
        }
    }
}
