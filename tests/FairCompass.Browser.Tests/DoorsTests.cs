using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Tests.Shared;
using OpenQA.Selenium;

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

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
