using OpenQA.Selenium;
using UglyToad.PdfPig;

namespace FairCompass.Browser.Tests;

/// <summary>Papers in two languages and three sizes, the pack in one go, and measuring athletes.</summary>
public sealed class PapersTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public PapersTests() => page = new Page(app.Address);

    private void ChooseBy(string label, string text) =>
        page.Until(
            "the choice " + label,
            () =>
            {
                var found = page
                    .Driver.FindElements(By.XPath($"//label[starts-with(normalize-space(.), '{label}')]//select"))
                    .FirstOrDefault(e => e.Displayed);
                if (found is not null)
                {
                    Page.Pick(found, text);
                }

                return found is null ? null : "";
            }
        );

    private void Open(string workout, string paper)
    {
        page.With("nav[aria-label=Route] a[href*='/briefs']", e => e.Click());
        page.Click(workout);
        ChooseBy("Paper", paper);
    }

    private PdfDocument Pdf() => PdfDocument.Open(page.Print());

    [Fact]
    public void A_card_prints_on_a5_with_its_code_and_in_spanish()
    {
        Open("Cockle Row", "Lane card");
        page.Shows("Cross off");
        ChooseBy("Sheet", "A5");
        ChooseBy("Language", "Español");
        page.Shows("Tarjeta de calle");
        page.With("input[inputmode=numeric]", e => e.SendKeys(Keys.Control + "a" + Keys.Null + "3"));
        // Three cards of each of the eight entries of four divisions.
        page.Until("24 cards", () => page.Driver.FindElements(By.CssSelector("article.paper svg.qr")).Count == 24 ? "" : null);
        Assert.Equal("", page.Axe());
        using var pdf = Pdf();
        var first = pdf.GetPage(1);
        // A5 is 148 by 210 mm (ISO 216); a point is 1/72 in.
        Assert.InRange(first.Width, 418, 421);
        Assert.InRange(first.Height, 594, 597);
        var text = string.Join(' ', pdf.GetPages().Select(p => p.Text));
        Assert.Contains("/ 001", text, StringComparison.Ordinal);
        Assert.Contains("/ 024", text, StringComparison.Ordinal);
        Assert.Contains("Firma del juez", text, StringComparison.Ordinal);
        Assert.DoesNotContain("signature", text, StringComparison.Ordinal);
        Assert.DoesNotContain(page.Errors, e => !e.Contains("422", StringComparison.Ordinal));
    }

    [Fact]
    public void A_judge_brief_shows_good_and_no_rep_figures_and_prints_on_letter()
    {
        Open("Breakwater", "Judge brief");
        page.Mark("with figures", true);
        page.Until("drawn", () => page.Driver.FindElements(By.CssSelector(".figures svg[role=img]")).Count >= 20 ? "" : null);
        ChooseBy("Sheet", "Letter");
        page.Until("the page rule", () => page.Driver.FindElements(By.CssSelector("article[data-sheet=Letter]")).FirstOrDefault());
        using var pdf = Pdf();
        Assert.InRange(pdf.GetPage(1).Width, 611, 613);
        Assert.InRange(pdf.GetPage(1).Height, 791, 793);
        var text = string.Join(' ', pdf.GetPages().Select(p => p.Text));
        Assert.Contains("no rep", text, StringComparison.Ordinal);
        Assert.Empty(page.Errors);

        // The document’s own structure is what a screen reader goes by (PDF 32000-1, 14.7 and 14.8): a title, a heading for each
        // section, tables with heads, in the order of the page.
        var tags = PdfTags.Of(pdf);
        var heads = page
            .Driver.FindElements(By.CssSelector("article.paper h2"))
            .Select(e => e.GetAttribute("textContent")!.Trim())
            .ToList();
        Assert.Equal("H1", tags.First(t => t is ['H', >= '1' and <= '6']));
        Assert.Equal(heads.Count, tags.Count(t => t == "H2"));
        Assert.Equal(page.Driver.FindElements(By.CssSelector("article.paper table")).Count, tags.Count(t => t == "Table"));
        Assert.Equal(page.Driver.FindElements(By.CssSelector("article.paper th")).Count, tags.Count(t => t == "TH"));
        Assert.Equal(
            page.Driver.FindElements(By.CssSelector("article.paper :is(figure, svg[role=img])")).Count,
            tags.Count(t => t == "Figure")
        );
        var read = string.Concat(pdf.GetPages().Select(p => p.Text)).Replace(" ", "", StringComparison.Ordinal);
        var at = 0;
        foreach (var head in heads.Where(h => h.Length > 0))
        {
            var found = read.IndexOf(head.Replace(" ", "", StringComparison.Ordinal), at, StringComparison.Ordinal);
            Assert.True(found >= at, $"{head} is read out of its place.");
            at = found;
        }
    }

    [Fact]
    public void The_pack_is_one_document_and_says_what_is_not_settled()
    {
        page.With("nav[aria-label=Route] a[href*='/briefs']", e => e.Click());
        page.Click("The whole pack");
        page.Shows("Not settled yet: Ferry Bell with mistakes, Cockle Row with mistakes.");
        foreach (
            var paper in (string[])
                [
                    "Athlete brief",
                    "Judge brief",
                    "Caller’s sheet",
                    "Floor crew sheet",
                    "Score desk sheet",
                    "Measurement sheet",
                    "Video check list",
                    "Poster",
                ]
        )
        {
            page.Mark(paper, false);
        }

        page.Shows("65 papers");
        ChooseBy("Division", "Meadow");
        page.Until("only Meadow", () => page.Driver.FindElements(By.CssSelector("article.paper")).Count is > 5 and < 40 ? "" : null);
        using var pdf = Pdf();
        Assert.True(pdf.NumberOfPages >= page.Driver.FindElements(By.CssSelector("article.paper")).Count);
        Assert.Contains("Undertow", string.Join(' ', pdf.GetPages().Select(p => p.Text)), StringComparison.Ordinal);
        Assert.Equal("", page.Axe());
    }

    [Fact]
    public void A_mark_gives_its_line_and_stands_on_the_sheet_after_a_reload()
    {
        Open("Long Reach", "Measurement sheet");
        page.Shows("The line lies at");
        page.Type("Athlete", "Tamsin Oake");
        page.Type("Tape shows", "2,1");
        page.Shows("Write 2.1: decimals have a point.");
        page.Type("Tape shows", Keys.Control + "a" + Keys.Null + "2124");
        page.Shows("2044 mm · 80 1/2 in");
        page.Type("Measured by", "R. Mudge" + Keys.Enter);
        page.Shows("Tamsin Oake: written down.");
        page.Driver.Navigate().Refresh();
        page.Until("the row", () => page.Driver.FindElements(By.XPath("//article//td[.='2044 mm · 80 1/2 in']")).FirstOrDefault());
        Assert.Equal("", page.Axe());
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
