using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using FairCompass.Access;
using UglyToad.PdfPig;

namespace FairCompass.Browser.Tests;

public sealed partial class ResultsTests
{
    /// <summary>The judge with the most cards has called four times as many no-reps, and at least three of each movement: flagged by name,
    /// with what it may have cost; and the statement is published, printed, and read back.</summary>
    [Fact]
    public async Task A_biased_judge_is_flagged_and_the_statement_is_published_and_read_on_paper()
    {
        using var desk = Visitors.At(app.Address);
        await RunningApp.SignIn(desk, Role.ScoreDesk);
        var competition = (string)(await desk.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]!;
        var biased = await Bias(desk, $"/api/competitions/{competition}");

        page.Open($"/c/{competition}/drift");
        page.Shows("Judges, by name");
        page.Until(
            $"{biased} flagged",
            () =>
                page.Find("section[aria-label='Judges, by name']")
                    .FindElements(OpenQA.Selenium.By.TagName("tr"))
                    .Any(r => r.Text.Contains(biased, StringComparison.Ordinal) && r.Text.Contains("strict", StringComparison.Ordinal))
                    ? ""
                    : null
        );
        page.Shows("Tallies do not say which rule of the");
        page.Shows("heats: none stands out");
        Assert.Equal("", page.Axe());

        using var reader = new Page(app.Address, signedIn: false);
        SignInAs(reader, "Demo reader");
        reader.Shows("Saltmarsh Ferry Games");
        reader.Open($"/results/{competition}/statement");
        reader.Shows("No statement is published for this competition.");
        page.Click("How far these scores can be compared");
        page.Shows("It names athletes and no judge.");
        page.Click("Publish");
        page.Shows("Whoever reads the results can read it");
        Assert.Equal("", page.Axe());
        reader.Open($"/results/{competition}");
        reader.Click("How far they can be compared");
        reader.Shows("How far these scores can be compared");
        Assert.Equal("", reader.Axe());

        string? Largest(string text) =>
            Regex.Match(Regex.Replace(text, @"\s+", " "), @"The largest effect of a judge: [^.]+\.\d").Value is { Length: > 0 } s
                ? s
                : null;
        using var pdf = PdfDocument.Open(reader.Print());
        var paper = string.Join(' ', pdf.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        Assert.Contains("Judges were exchanged by lot 400 times.", paper, StringComparison.Ordinal);
        Assert.Contains("Every heat: version", paper, StringComparison.Ordinal);
        Assert.DoesNotContain(biased, paper, StringComparison.Ordinal);
        Assert.NotNull(Largest(reader.Text));
        Assert.Contains(Largest(reader.Text)!, paper, StringComparison.Ordinal);

        page.Click("Take it back");
        page.Shows("It names athletes and no judge.");
        reader.Driver.Navigate().Refresh();
        reader.Shows("No statement is published for this competition.");
    }

    /// <summary>Corrects the tallies of one judge’s cards; its name.</summary>
    private static async Task<string> Bias(HttpClient desk, string at)
    {
        var cards = (await desk.GetFromJsonAsync<JsonNode>(at + "/cards"))!["cards"]!
            .AsArray()
            .Where(c => (string)c!["state"]! == "Checked");
        var shown = await Task.WhenAll(cards.Select(c => desk.GetFromJsonAsync<JsonNode>($"{at}/desk/{c!["id"]}")));
        var most = shown.Where(c => c!["judges"]!.AsArray().Count > 0).GroupBy(c => (string)c!["judges"]![0]!).MaxBy(g => g.Count())!;
        foreach (var card in most)
        {
            var typed = card!["typed"]!.DeepClone().AsObject();
            foreach (
                var field in typed["fields"]!.AsArray().Where(f => ((string)f!["key"]!).StartsWith("norep.", StringComparison.Ordinal))
            )
            {
                field!["text"] = $"{Math.Max(3, 4 * int.Parse((string)field["text"]!, System.Globalization.CultureInfo.InvariantCulture))}";
            }

            JsonNode? answer = null;
            for (var once = 0; once < 2 && answer?["card"] is null; once++)
            {
                using var taken = await desk.PostAsJsonAsync(
                    $"{at}/desk/{card["line"]!["card"]!["id"]}",
                    new
                    {
                        saveId = Guid.NewGuid(),
                        seen = card["facts"]!.AsArray().Max(f => f!["id"]!.GetValue<long>()),
                        typed,
                        correct = true,
                        reason = "The film has more.",
                    }
                );
                answer = await taken.Content.ReadFromJsonAsync<JsonNode>();
                Assert.True(taken.StatusCode == HttpStatusCode.OK, answer?.ToJsonString());
                typed["sure"] = new JsonArray([.. answer!["asked"]!.AsArray().Select(d => JsonValue.Create((string)d!["key"]!))]);
            }

            Assert.NotNull(answer!["card"]);
        }

        return most.Key;
    }
}
