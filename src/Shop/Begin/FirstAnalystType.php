<?php

declare(strict_types=1);

namespace App\Shop\Begin;

use App\Account\People\Passwords;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\PasswordType;
use Symfony\Component\Form\Extension\Core\Type\RepeatedType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class FirstAnalystType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('name', TextType::class, ['label' => 'Your name', 'help' => 'as it stands on what you sign', 'empty_data' => ''])
            ->add('username', TextType::class, [
                'label' => 'Name to sign in with',
                'help' => 'small letters and digits',
                'empty_data' => '',
                'attr' => ['autocapitalize' => 'none', 'autocomplete' => 'username'],
            ])
            ->add('password', RepeatedType::class, [
                'type' => PasswordType::class,
                'invalid_message' => 'The two are not the same. Type it once more in both fields.',
                'options' => ['always_empty' => false, 'empty_data' => '', 'attr' => ['autocomplete' => 'new-password']],
                'first_options' => ['label' => 'Password', 'help' => Passwords::FEWEST.' characters or more'],
                'second_options' => ['label' => 'The same once more'],
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FirstAnalyst::class]);
    }
}
