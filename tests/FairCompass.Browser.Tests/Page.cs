using System.Net;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace FairCompass.Browser.Tests;

/// <summary>A real browser window on the running application.</summary>
public sealed class Page : IDisposable
{
    private readonly string profile = Directory.CreateTempSubdirectory("fair-compass-").FullName;
    private readonly ChromeOptions options;
    private readonly ChromeDriverService service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");

    /// <param name="address">Where the application runs.</param>
    /// <param name="signedIn">True for the demo’s organiser; false for nobody, who sees the sign-in.</param>
    /// <param name="more">More arguments of the browser.</param>
    public Page(Uri address, bool signedIn = true, params string[] more)
    {
        Address = address;
        options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-dev-shm-usage",
            "--window-size=1280,800",
            $"--user-data-dir={profile}"
        );
        options.AddArguments(more);
        options.SetLoggingPreference(LogType.Browser, LogLevel.Warning);
        service.SuppressInitialDiagnosticInformation = true;
        Driver = Started(service);
        if (!signedIn)
        {
            Open("/");
            Shows("Sign in");
            return;
        }

        SignIn(address);
        Open("/");

        // The start leads on to the first workout, and the lists fill in; a click before that may land beside its mark.
        Shows("23 drafts");
        Shows("114 in all");
    }

    /// <summary>A browser over the profile; a script may take long on a busy machine.</summary>
    private ChromeDriver Started(ChromeDriverService by)
    {
        var driver = new ChromeDriver(by, options, TimeSpan.FromSeconds(120));
        driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromSeconds(110);
        return driver;
    }

    /// <summary>The power goes: the browser is killed with all it holds in memory, and started again over the same disk. Its session was in
    /// memory too.</summary>
    public void LosePower()
    {
        var id = Convert.ToInt32(Driver.Capabilities.GetCapability("goog:processID"), System.Globalization.CultureInfo.InvariantCulture);
        using (var browser = System.Diagnostics.Process.GetProcessById(id))
        {
            browser.Kill(entireProcessTree: true);
        }

        Driver.Dispose();
        File.Delete(Path.Combine(profile, "SingletonLock"));
        Driver = Started(ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"));
        SignIn(Address);
    }

    /// <summary>Gives the browser the session of the demo’s organiser.</summary>
    private void SignIn(Uri address)
    {
        var jar = new CookieContainer();
        using var http = Visitors.At(address, jar);
        RunningApp.SignIn(http).GetAwaiter().GetResult();
        Open("/p");
        foreach (System.Net.Cookie cookie in jar.GetCookies(address))
        {
            Driver.Manage().Cookies.AddCookie(new OpenQA.Selenium.Cookie(cookie.Name, cookie.Value, "/"));
        }
    }

    public ChromeDriver Driver { get; private set; }

    public Uri Address { get; }

    public void Open(string path) => Driver.Navigate().GoToUrl(new Uri(Address, path));

    /// <summary>Waits until something is there; fails with what the page shows instead. The limit is for a page that never comes: a busy
    /// machine is slow, not wrong.</summary>
    public T Until<T>(string what, Func<T?> look)
        where T : class
    {
        var end = DateTime.UtcNow.AddSeconds(90);
        while (true)
        {
            try
            {
                if (look() is { } found)
                {
                    return found;
                }
            }
            catch (WebDriverException)
            {
                // The page is being redrawn; look again.
            }

            if (DateTime.UtcNow > end)
            {
                throw new InvalidOperationException($"Not there: {what}. The page says:\n{Sheet}");
            }

            Thread.Sleep(60);
        }
    }

    public IWebElement Find(string css) => Until(css, () => Driver.FindElements(By.CssSelector(css)).FirstOrDefault(e => e.Displayed));

    /// <summary>A button or link by its visible words.</summary>
    public IWebElement Named(string words) =>
        Until(
            words,
            () =>
                Driver
                    .FindElements(By.XPath($"//*[self::button or self::a][normalize-space(.)={Quote(words)}]"))
                    .FirstOrDefault(e => e.Displayed)
        );

    /// <summary>Clicks a button or link by its visible words, or the workout of that name where a page has a choice of them; once more
    /// when the page was redrawn under it.</summary>
    public void Click(string words) =>
        Until(
            "to click: " + words,
            () =>
            {
                var found = Driver
                    .FindElements(By.XPath($"//*[self::button or self::a][normalize-space(.)={Quote(words)}]"))
                    .Concat(Driver.FindElements(By.XPath($"//main//select/option[normalize-space(.)={Quote(words)}]")))
                    .FirstOrDefault(e => e.Displayed);
                found?.Click();
                return found is null ? null : "";
            }
        );

    /// <summary>Does something with an element, once more when the page was redrawn under it.</summary>
    public void With(string css, Action<IWebElement> act) =>
        Until(
            "to use: " + css,
            () =>
            {
                var found = Driver.FindElements(By.CssSelector(css)).FirstOrDefault(e => e.Displayed);
                if (found is not null)
                {
                    act(found);
                }

                return found is null ? null : "";
            }
        );

    public void Shows(string text) => Until("text: " + text, () => Text.Contains(text, StringComparison.Ordinal) ? "" : null);

    public void ShowsNot(string text) => Until("no text: " + text, () => Text.Contains(text, StringComparison.Ordinal) ? null : "");

    /// <summary>The visible words; asked of the browser itself, since WebDriver walks every element and takes a minute on a pack of
    /// papers.</summary>
    public string Text => (string)Driver.ExecuteScript("return document.body.innerText")!;

    /// <summary>What stands beside the route, for messages: the route is the same on every page.</summary>
    private string Sheet => (string)Driver.ExecuteScript("return (document.querySelector('main') ?? document.body).innerText")!;

    /// <summary>Sets a mark, however often the page is redrawn meanwhile.</summary>
    public void Mark(string label, bool on) =>
        Until(
            $"{label} {(on ? "marked" : "not marked")}",
            () =>
            {
                var box = Driver.FindElements(By.XPath($"//label[starts-with(normalize-space(.), {Quote(label)})]/input")).FirstOrDefault();
                if (box is not null && box.Selected != on)
                {
                    box.Click();
                }

                return box?.Selected == on ? "" : null;
            }
        );

    public IWebElement Field(string label) => Until("field " + label, () => Labelled(label));

    /// <summary>Types into a field, once more when the page was redrawn under it before a key arrived.</summary>
    public void Type(string label, string keys) => Until("to type into " + label, () => Done(Labelled(label), e => e.SendKeys(keys)));

    private IWebElement? Labelled(string label)
    {
        var of = Driver.FindElements(By.XPath($"//label[normalize-space(.)={Quote(label)}]")).FirstOrDefault()?.GetAttribute("for");
        return of is null ? null : Driver.FindElement(By.Id(of));
    }

    /// <summary>The words of an element, asked in one go: between finding it and reading it the page may be redrawn.</summary>
    public string Words(string css) => Until(css, () => Driver.FindElements(By.CssSelector(css)).FirstOrDefault(e => e.Displayed)?.Text);

    /// <summary>Replaces the whole draft by a text that comes in one piece, as from a clipboard.</summary>
    public void TypeDraft(string text)
    {
        With(
            ".cm-content",
            e =>
            {
                e.Click();
                e.SendKeys(Keys.Control + "a");
                e.SendKeys(Keys.Delete);
            }
        );
        Until("an empty draft", () => DraftText.Length == 0 ? "" : null);
        Insert(text);
        Until("the draft", () => DraftText.StartsWith(text.Split('\n')[0], StringComparison.Ordinal) ? "" : null);
    }

    /// <summary>Gives a text to where the cursor stands, all at once.</summary>
    public void Insert(string text) => Driver.ExecuteCdpCommand("Input.insertText", new() { ["text"] = text });

    public string DraftText =>
        (string)Driver.ExecuteScript("return [...document.querySelectorAll('.cm-line')].map(l => l.textContent).join('\\n')")!;

    /// <summary>Violations that axe-core finds, one a line; empty when there are none.</summary>
    public string Axe()
    {
        // What is still being fetched is no page yet.
        Find("main");
        Driver.ExecuteScript(File.ReadAllText(Repository.Path("src/client/node_modules/axe-core/axe.min.js")));
        return (string)
            Driver.ExecuteAsyncScript(
                "const done = arguments[0]; axe.run().then(r => done(r.violations.map(v => v.id + ': ' + v.nodes.map(n => "
                    + "n.target.join(' ') + ' ' + n.failureSummary).join(' | ')).join('\\n')), e => done(String(e)));"
            )!;
    }

    /// <summary>Does something with an element that may not be there yet; null as long as it is not.</summary>
    public static string? Done(IWebElement? found, Action<IWebElement> act)
    {
        if (found is not null)
        {
            act(found);
        }

        return found is null ? null : "";
    }

    /// <summary>Chooses an option of a select by its visible words.</summary>
    public static void Pick(IWebElement select, string words) =>
        select.FindElements(By.TagName("option")).First(o => o.Text.Trim() == words).Click();

    public byte[] Print() =>
        Convert.FromBase64String(
            (string)
                (
                    (Dictionary<string, object?>)
                        Driver.ExecuteCdpCommand(
                            "Page.printToPDF",
                            new Dictionary<string, object?>
                            {
                                ["preferCSSPageSize"] = true,
                                ["printBackground"] = true,
                                ["generateTaggedPDF"] = true,
                            }
                        )!
                )["data"]!
        );

    /// <summary>Errors of the console since the last call.</summary>
    public IReadOnlyList<string> Errors =>
        Driver.Manage().Logs.GetLog(LogType.Browser).Where(l => l.Level >= LogLevel.Severe).Select(l => l.Message).ToList();

    public void Dispose()
    {
        Driver.Quit();
        Driver.Dispose();
        service.Dispose();
        Directory.Delete(profile, recursive: true);
    }

    private static string Quote(string s) => s.Contains('\'', StringComparison.Ordinal) ? $"\"{s}\"" : $"'{s}'";
}
