<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\WhatLay;
use App\Platform\Form\Choices;
use Japhrex\Core\Damage\Amount;
use Japhrex\Core\Damage\PieceShape;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class WhatLayType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('amount', Choices::class, ['class' => Amount::class, 'label' => 'How much'])
            ->add('shape', EnumType::class, [
                'class' => PieceShape::class,
                'choice_label' => static fn (PieceShape $shape): string => $shape->label(),
                'label' => 'Shape of a piece', 'placeholder' => 'no piece, or not said', 'required' => false,
            ])
            ->add('size', TextType::class, ['label' => 'The largest piece', 'required' => false, 'empty_data' => ''])
            ->add('magnetic', ChoiceType::class, [
                'choices' => ['follows it' => true, 'does not' => false],
                'label' => 'Magnet', 'placeholder' => 'not said', 'required' => false, 'block_prefix' => 'choices',
            ])
            ->add('sample', TextType::class, [
                'label' => 'Sample kept', 'help' => 'bag or bottle, and where it lies', 'required' => false, 'empty_data' => '',
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => WhatLay::class]);
    }
}
