using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Access;
using FairCompass.Tests.Shared;
using FairCompass.Web.Access;
using OpenQA.Selenium;
using OpenQA.Selenium.VirtualAuth;

namespace FairCompass.Browser.Tests;

/// <summary>Several people in several browsers: who comes in, as what, and what stays when somebody is shown out.</summary>
public sealed class DoorsTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public DoorsTests() => page = new Page(app.Address, signedIn: false);

    private static string Link(Page page) => page.Words("[role=status] .mono");

    [Fact]
    public void A_head_judge_is_invited_works_and_is_shown_out_and_a_judge_reads_by_a_link()
    {
        // Nobody is led to the sign-in, and from there to where they wanted to go.
        page.Click("organiser");
        page.Shows("114 in all");
        page.Click("People");
        page.Shows("Links instead of accounts");
        page.Type("For whom", "Mara");
        page.Click("Make the link");
        var invitation = Link(page);
        Assert.DoesNotContain("token", page.Driver.Url, StringComparison.Ordinal);

        using var mara = new Page(app.Address, signedIn: false);
        mara.Driver.Navigate().GoToUrl(invitation);
        mara.Shows("asks you to be head judge");
        mara.Type("Your name, as others here read it", "Mara Quill");
        mara.Type("Passphrase, at least 12 letters", "short");
        mara.Type("The same once more", "short");
        mara.Click("Go in");
        mara.Shows("three or four words are easy to remember");
        mara.Type("Passphrase, at least 12 letters", " but not any more");
        mara.Type("The same once more", " but not any more");
        mara.Click("Go in");
        mara.Shows("114 in all");
        Assert.Equal("", mara.Axe());
        mara.TypeDraft(mara.DraftText + "note: bring a whistle\n");
        mara.Shows("saved");

        // Taken out in mid-work: the sentence is clear, and what is typed stays.
        page.Open(new Uri(page.Driver.Url).AbsolutePath);
        page.Shows("Mara Quill");
        Assert.Equal("", page.Axe());
        page.With("button[aria-label='Recovery link for Mara Quill']", e => e.Click());
        page.Shows("The link for a new passphrase of Mara Quill");
        page.With("button[aria-label='Take out Mara Quill']", e => e.Click());
        page.Click("Take Mara Quill out");
        page.Until(
            "nobody of that name",
            () => page.Driver.FindElements(By.CssSelector("button[aria-label$='Mara Quill']")).Count == 0 ? "" : null
        );
        mara.TypeDraft(mara.DraftText + "note: and a second one\n");
        mara.Shows("There is no such workout for you");
        Assert.Contains("note: and a second one", mara.DraftText, StringComparison.Ordinal);

        // The log says it.
        page.Click("What was done");
        page.Shows("changed what somebody is");
        page.Shows("Mara Quill: nothing any more");
        Assert.Equal("", page.Axe());

        page.Click("People");
        page.Type("Whose it is", "Lane 3");
        page.Click("Give a link");
        var link = Link(page);
        using var phone = new Page(app.Address, signedIn: false);
        phone.Driver.Navigate().GoToUrl(link);
        phone.Click("Open on this device");
        phone.Shows("Towline");
        Assert.Equal("", phone.Axe());
        phone.With("a[href^='/p/']", e => e.Click());
        phone.Shows("This is the newest version.");
        mara.Driver.Navigate().GoToUrl(link);
        mara.Click("Open on this device");
        mara.Shows("This link was opened on another device already.");
    }

    [Fact]
    public void A_passkey_is_made_signs_in_and_is_taken_away()
    {
        var options = new VirtualAuthenticatorOptions()
            .SetProtocol(VirtualAuthenticatorOptions.Protocol.CTAP2)
            .SetTransport(VirtualAuthenticatorOptions.Transport.INTERNAL)
            .SetHasResidentKey(true)
            .SetHasUserVerification(true)
            .SetIsUserVerified(true);
        page.Driver.AddVirtualAuthenticator(options);
        // An address in numbers has none, and says why.
        page.Shows("Passkeys need the name of a host");
        var named = $"http://localhost:{app.Address.Port}";
        page.Driver.Navigate().GoToUrl(named + "/sign-in?to=/account");
        page.Click("head judge");
        page.Shows("Passkeys");
        page.Type("What this device is called", "Quay laptop");
        page.Click("Make a passkey here");
        page.Shows("not used yet");
        Assert.Equal("", page.Axe());
        page.Click("Sign out");
        page.Click("Sign in with a passkey");
        page.Shows("23 drafts");
        page.Driver.Navigate().GoToUrl(named + "/account");
        page.Shows("Demo head judge");
        page.Shows("last used");
        page.With("button[aria-label='Take away Quay laptop']", e => e.Click());
        page.ShowsNot("Quay laptop");
        page.Click("Sign out");
        page.Click("Sign in with a passkey");
        page.Shows("This passkey opens nothing here.");
        Assert.Equal("", page.Axe());
    }

    [Fact]
    public async Task The_first_organiser_comes_by_the_link_of_the_console_and_begins()
    {
        using var empty = new RunningApp(demo: false);
        var path = await FirstPeople.Prepare(empty.Services, demo: false, CancellationToken.None);
        using var first = new Page(empty.Address, signedIn: false);
        first.Open(path!);
        first.Shows("Nobody can sign in yet.");
        first.Type("Your name, as others here read it", "Ines Calder");
        first.Type("Passphrase, at least 12 letters", "a boat at the quay");
        first.Type("The same once more", "a boat at the quay");
        first.Click("Go in");
        first.Type("Name of the competition", "Harbour Day");
        first.Click("Begin");
        first.Shows("Add a thing");
        Assert.Equal("", first.Axe());
        using var late = new Page(empty.Address, signedIn: false);
        late.Open(path!);
        late.Shows("This link opens nothing");
    }

    [Fact]
    public async Task A_question_is_seen_by_readers_when_the_head_judge_lets_it_through_and_its_name_is_taken_off()
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http, Role.HeadJudge);
        var competition = (string)(await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]!;
        var overview = await http.GetFromJsonAsync<JsonNode>($"/api/competitions/{competition}/overview");
        var tides = (string)overview!["workouts"]!.AsArray().Single(w => (string)w!["title"]! == "Twin Tides")!["id"]!;
        var code = (string)(await http.GetFromJsonAsync<JsonArray>($"/api/workouts/{tides}/published"))![0]!["code"]!;
        const string Question = "May the one who rests hold the foot straps";
        page.Open($"/p/{code}");
        page.Shows("Is the reach measured in shoes?");
        page.ShowsNot(Question);
        using var judge = new Page(app.Address);
        judge.Open($"/c/{competition}/publish/{tides}");
        judge.Shows("Ines Calder");
        judge.Click("Let readers see it");
        judge.Shows("Take it from their sight");
        judge.Click("Take the name off");
        for (var end = DateTime.UtcNow.AddSeconds(30); ; await Task.Delay(100))
        {
            var questions = await http.GetStringAsync($"/api/workouts/{tides}/questions");
            if (questions.Contains("\"askedBy\":\"\"", StringComparison.Ordinal))
            {
                break;
            }

            Assert.True(DateTime.UtcNow < end, questions);
        }

        page.Open($"/p/{code}");
        page.Shows(Question);
    }

    /// <summary>Saving needs what a browser gives to secure pages only: over TLS another name than this machine’s is one.</summary>
    [Fact]
    public void Under_a_public_name_over_tls_work_is_saved()
    {
        const string Host = "games.example";
        using var certificate = LocalCertificate.For(Host);
        var port = LocalCertificate.FreePort();
        var url = new Uri($"https://{Host}:{port}");
        using var safe = new RunningApp(
            demo: true,
            certificate: certificate,
            settings: new Dictionary<string, string> { ["PublicUrl"] = url.GetLeftPart(UriPartial.Authority) },
            port: port
        );
        using var far = new Page(url, signedIn: false, $"--host-resolver-rules=MAP {Host} 127.0.0.1", "--ignore-certificate-errors");
        Assert.True((bool)far.Driver.ExecuteScript("return isSecureContext")!);
        far.Click("co-author");
        far.Shows("23 drafts");
        far.TypeDraft(far.DraftText + "note: over the wire\n");
        far.Shows("saved");
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
