<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The room Shop: what is said once, who is asked to join, how the installation is. All data is invented. */
final class ShopRoomTest extends BrowserCase
{
    public function test_what_is_said_of_the_shop_shows_on_its_paper(): void
    {
        $this->signIn();
        $this->open('/shop');
        $this->assertAccessible('Shop');
        $this->write('#shop-name', 'Saltmarsh Bench and Daughters', false);
        $this->click('.shop-form button', 'Save the shop');
        $this->text('.shop-sheet b', 'Saltmarsh Bench and Daughters');
        $this->write('#shop-public', 'kits example', false);
        $this->click('.shop-form button', 'Save the shop');
        $this->text('.shop-form .ui-wrong', 'An address without spaces');
        $this->write('#shop-public', 'https://kits.saltmarsh.example', false);
        $this->click('.shop-form button', 'Save the shop');
        $this->text('.ui-room .MuiAlert-root', 'Invite yourself as a maker under People');
        self::driver()->navigate()->refresh();
        self::assertSame('https://kits.saltmarsh.example', $this->find('#shop-public')->getAttribute('value'));
    }

    public function test_somebody_is_invited_joins_and_is_taken_away_again(): void
    {
        $this->signIn();
        $this->open('/shop?view=people');
        $this->write('#invite-name', 'Anna Vos', false);
        $this->write('#invite-email', 'anna.vos@saltmarsh.example', false);
        $this->click('.shop-invite button', 'Make the link');
        $link = $this->text('.shop-link p', '/join/')->getText();
        $this->text('.shop-people li', 'invited as packer');
        $this->assertAccessible('People');
        $this->onPhone(function () use ($link): void {
            self::driver()->get($link);
            $this->text('.join-join p', 'anna.vos@saltmarsh.example');
            $this->assertAccessible('Join');
            $this->find('#join-password')->sendKeys('a word of my own');
            $this->click('.join-join button', 'Join');
            $this->text('h1', 'Shelf');
        });
        self::driver()->navigate()->refresh();
        $this->text('.shop-people li', 'anna.vos@saltmarsh.example');
        self::driver()->executeScript(
            'const row = [...document.querySelectorAll(".shop-people li")].find(li => li.textContent.includes("Anna Vos")); [...row.querySelectorAll("button")].at(-1).click();',
        );
        $this->text('.MuiDialog-root h2', 'Take Anna Vos away?');
        $this->click('.MuiDialog-root button', 'Take away');
        $this->onPhone(function (): void {
            self::driver()->navigate()->refresh();
            $this->find('#email');
        });
    }

    public function test_the_installation_says_how_it_is_and_one_changes_ones_password(): void
    {
        $this->signIn();
        $this->open('/shop?view=health');
        $this->text('.shop-doctor .shop-well', 'PostgreSQL');
        $this->text('.shop-doctor .shop-ill', 'bin/backup --every day');
        $this->assertAccessible('This installation');
        $this->open('/shop?view=you');
        $this->write('#own-now', 'not my word', false);
        $this->write('#own-next', 'another long word', false);
        $this->click('.shop-invite button', 'Change the password');
        $this->text('.MuiAlert-root', 'does not match');
        $this->assertAccessible('Your account');
    }
}
