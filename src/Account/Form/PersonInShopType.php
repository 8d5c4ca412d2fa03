<?php

declare(strict_types=1);

namespace App\Account\Form;

use App\Account\Role;
use App\Account\User;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EmailType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** What an analyst says of somebody who works here. */
final class PersonInShopType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->add('name', TextType::class, ['label' => 'Name', 'help' => 'as it stands on what is signed', 'empty_data' => '']);
        if (true === $options['isNew']) {
            $builder->add('username', TextType::class, [
                'label' => 'Name to sign in with',
                'help' => 'small letters and digits; it stays',
                'empty_data' => '',
                'attr' => ['autocapitalize' => 'none'],
            ]);
        }
        $builder->add('role', EnumType::class, [
            'class' => Role::class,
            'label' => 'Does',
            'empty_data' => Role::Viewer->value,
            'help' => implode('; ', array_map(static fn (Role $role): string => $role->label().' '.$role->does(), Role::cases())),
            'choice_label' => static fn (Role $role): string => $role->label(),
        ])->add('mail', EmailType::class, [
            'label' => 'Mail',
            'help' => 'where links and letters go; without it they are printed',
            'required' => false,
            'empty_data' => '',
        ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => User::class, 'isNew' => true]);
    }
}
