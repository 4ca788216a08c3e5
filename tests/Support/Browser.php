<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/** A headless Chromium of our own with an empty folder, driven through ChromeDriver. */
final class Browser
{
    private function __construct(public readonly RemoteWebDriver $driver, private readonly Process $process, private readonly string $folder)
    {
    }

    public static function open(int $port, int $width = 1280, int $height = 800): self
    {
        $folder = sys_get_temp_dir().'/kindheel-browser-'.bin2hex(random_bytes(6));
        mkdir($folder, 0o700);
        $process = new Process(['chromedriver', '--port='.$port, '--allowed-ips=127.0.0.1'], env: ['HOME' => $folder]);
        $process->start();
        $options = (new ChromeOptions())->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--autoplay-policy=no-user-gesture-required',
            // A model of language that nobody asks here takes most of a processor.
            '--disable-features=OptimizationGuideOnDeviceModel,OnDeviceModelPerformanceParams,OptimizationHints,OptimizationGuideModelExecution',
            '--user-data-dir='.$folder.'/profile', \sprintf('--window-size=%d,%d', $width, $height),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        for ($try = 0;; ++$try) {
            try {
                $driver = RemoteWebDriver::create('http://127.0.0.1:'.$port, $capabilities, 60_000, 120_000);
                break;
            } catch (\Throwable $error) {
                if ($try > 240) {
                    $process->stop();
                    throw $error;
                }
                usleep(250_000);
            }
        }
        $browser = new self($driver, $process, $folder);
        register_shutdown_function($browser->close(...));
        $browser->size($width, $height);

        return $browser;
    }

    /** As it came: nothing is known of where it was, the line is up, nobody is signed in. */
    public function forget(string $address): void
    {
        $this->driver->get('about:blank');
        foreach ([
            'Network.enable' => [],
            'Network.emulateNetworkConditions' => ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
            'Network.clearBrowserCookies' => [], 'Storage.clearDataForOrigin' => ['origin' => $address, 'storageTypes' => 'all'],
            'Emulation.setEmulatedMedia' => ['media' => '', 'features' => []], 'Emulation.setCPUThrottlingRate' => ['rate' => 1],
            'Network.setUserAgentOverride' => ['userAgent' => ''],
        ] as $command => $params) {
            $this->devTools($command, $params);
        }
        $this->driver->manage()->getLog('browser');
        $this->size(1280, 800);
    }

    /** Another device: how large its screen is, and whether it is touched. */
    public function size(int $width, int $height, bool $touched = false): void
    {
        // The window's frame takes some of its height even when nobody sees it.
        $this->devTools('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $touched]);
        $this->devTools('Emulation.setTouchEmulationEnabled', ['enabled' => $touched]);
    }

    /**
     * A command of the developer tools’ protocol.
     *
     * @param array<string, mixed> $params
     */
    public function devTools(string $command, array $params = []): void
    {
        // An empty map, not an empty list.
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => (object) $params]);
    }

    public function close(): void
    {
        if (!$this->process->isRunning()) {
            return;
        }
        try {
            $this->driver->quit();
        } finally {
            $this->process->stop();
            (new Process(['rm', '-rf', $this->folder]))->run();
        }
    }
}
