<?php

declare(strict_types=1);

namespace App\Account\Form;

use App\Account\OurShop;
use Japhrex\Core\Quantity\MoneyError;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\CallbackTransformer;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** An amount of money as text: one without a currency is in the shop's, and is kept with it. */
final class AmountType extends AbstractType
{
    public function __construct(private readonly OurShop $shop)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->addModelTransformer(new CallbackTransformer(static fn (mixed $kept): mixed => $kept, $this->whole(...)));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $currency = $this->shop->currency();
        $resolver->setDefaults([
            'required' => false,
            'empty_data' => '',
            'help' => \sprintf('in %s where you name no other', $currency),
            'attr' => ['placeholder' => '640.00', 'inputmode' => 'decimal'],
        ]);
    }

    public function getParent(): string
    {
        return TextType::class;
    }

    /** What is no amount stays as it was typed: who reads it says what is wrong. */
    private function whole(mixed $typed): mixed
    {
        try {
            return \is_string($typed) && '' !== trim($typed) ? $this->shop->money($typed)->format() : $typed;
        } catch (MoneyError) {
            return $typed;
        }
    }
}
