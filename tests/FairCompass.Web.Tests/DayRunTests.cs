using System.Diagnostics;
using System.Net;
using System.Text.Json.Nodes;
using AngleSharp.Html.Parser;
using Dapper;
using Npgsql;
using Xunit.Abstractions;

namespace FairCompass.Web.Tests;

/// <summary>The demo with its first day run.</summary>
public sealed class DayRun : IDisposable
{
    public ApiFixture Api { get; } = new(new() { ["DemoResults"] = "true" });

    public string At => $"/api/competitions/{Api.Competition}";

    public void Dispose() => Api.Dispose();
}

/// <summary>Results of a day, computed anew by others, and what head judges do to them.</summary>
public sealed partial class DayRunTests(DayRun day, ITestOutputHelper output) : IClassFixture<DayRun>
{
    private readonly ApiFixture api = day.Api;
    private readonly string at = day.At;

    private static JsonNode Workout(JsonNode results, string title) =>
        results["workouts"]!.AsArray().Single(w => (string)w!["title"]! == title)!;

    private static JsonNode Standing(JsonNode workout, string division) =>
        workout["standings"]!.AsArray().Single(s => (string)s!["division"]! == division)!;

    /// <summary>A script in another language agrees with every line; with one fact altered it does not.</summary>
    private async Task Agrees()
    {
        var facts = await api.Get(at + "/results/facts");
        var (code, said) = Script(facts.ToJsonString());
        Assert.True(code == 0, said);
        Assert.Matches(@"^[1-9]\d{2,} lines, 0 faults", said);
    }

    [Fact]
    public async Task A_script_that_shares_no_code_computes_the_same_from_the_facts()
    {
        await Agrees();
        var facts = await api.Get(at + "/results/facts");
        var piece = facts["facts"]!.AsArray().Last(f => f!["run"]!["pieces"]![0]!["performed"] is not null)!["run"]!["pieces"]![0]!;
        piece["performed"] = piece["performed"]!.GetValue<long>() + 7;
        Assert.Equal(1, Script(facts.ToJsonString()).Code);
    }

    /// <summary>The overall table as PostgreSQL ranks it: points by <c>rank()</c> over the exported lines, summed, ranked again.</summary>
    [Fact]
    public async Task Overall_places_are_those_that_the_database_ranks()
    {
        var results = await api.Get(at + "/results");
        await using var db = new NpgsqlConnection(api.App.Connection);
        var ranked = (
            await db.QueryAsync<(string Division, Guid Entry, long Place, decimal Points)>(
                """
                with line as (
                    select w ->> 'workout' as workout, t ->> 'division' as division, t ->> 'score' as score,
                        (l ->> 'entry')::uuid as entry, (l ->> 'place')::int as place, l ->> 'class' as class
                    from jsonb_array_elements(@doc::jsonb -> 'workouts') w, jsonb_array_elements(w -> 'tables') t,
                        jsonb_array_elements(t -> 'lines') l),
                entry as (select division, entry from line group by 1, 2),
                earned as (
                    select division, entry,
                        sum(case when place > 0 and class not in ('Withdrew', 'DidNotStart') then 101 - place else 0 end)
                        as points, array_agg(case when place > 0 then place else 1000000 end order by
                        case when place > 0 then place else 1000000 end) filter (where exists (select from line o
                            where (o.workout, o.division, o.score) = (line.workout, line.division, line.score) and o.class is not null))
                        as best
                    from line group by 1, 2)
                select division, entry, rank() over (partition by division order by points desc, best), points from earned
                where division in (select division from line where class is not null)
                """,
                new { doc = results.ToJsonString() }
            )
        ).ToList();
        var mine = results["overall"]!
            .AsArray()
            .SelectMany(o =>
                o!["rows"]!
                    .AsArray()
                    .Select(r =>
                        (
                            (string)o["division"]!,
                            r!["entry"]!.GetValue<Guid>(),
                            r["place"]!.GetValue<long>(),
                            r["points"]!.GetValue<decimal>()
                        )
                    )
            );
        Assert.Equal(ranked.Order(), mine.Order());
        Assert.True(ranked.Count > 100);
    }

    [Fact]
    public async Task The_day_is_partly_final_and_says_what_is_in_the_way()
    {
        var results = await api.Get(at + "/results");
        var states = results["workouts"]!.AsArray().SelectMany(w => w!["standings"]!.AsArray()).ToList();
        Assert.Contains(states, s => (string)s!["state"]! == "Final" && ((string)s["code"]!).Length == 11);
        Assert.Contains(states, s => s!["open"]!.AsArray().Any(o => ((string)o!).Contains("not entered", StringComparison.Ordinal)));
        Assert.Contains(states, s => s!["open"]!.AsArray().Any(o => (string)o! == "Incident 2 is not decided."));
        var facts = (await api.Get(at + "/results/facts"))["facts"]!.AsArray();
        Assert.Single(facts, f => (string)f!["kind"]! == "Corrected");
        Assert.Equal(["Demo head judge", "Demo score desk"], facts.Select(f => (string)f!["by"]!).Distinct().Order());
        var cards = (await api.Get(at + "/cards"))["cards"]!.AsArray();
        Assert.Contains(cards, c => (string)c!["state"]! == "Missing");
        Assert.Contains(cards, c => ((string)c!["reason"]!).Contains("behind the cap", StringComparison.Ordinal));
    }

    /// <summary>Comma-separated values are read by a parser of RFC 4180 of our own; the page by AngleSharp, which refuses what the HTML
    /// standard calls a parse error.</summary>
    [Fact]
    public async Task Files_are_what_their_standards_say()
    {
        var csv = await api.Http.GetStringAsync(at + "/results/table");
        var rows = Rfc4180(csv);
        Assert.All(rows, r => Assert.Equal(rows[0].Count, r.Count));
        var results = await api.Get(at + "/results");
        var lines = results["workouts"]!.AsArray().Sum(w => w!["tables"]!.AsArray().Sum(t => t!["lines"]!.AsArray().Count));
        var overall = results["overall"]!.AsArray().Sum(o => o!["rows"]!.AsArray().Count);
        Assert.Equal(1 + lines + overall + results["clubs"]!.AsArray().Count, rows.Count);

        var html = await api.Http.GetStringAsync(at + "/results/page");
        var page = new HtmlParser(new HtmlParserOptions { IsStrictMode = true }).ParseDocument(html);
        Assert.Empty(page.QuerySelectorAll("script, link, img, [src], a[href]"));
        Assert.Equal(lines + overall + results["clubs"]!.AsArray().Count, page.QuerySelectorAll("tbody tr").Length);
        Assert.All(page.QuerySelectorAll("tr"), r => Assert.True(r.ChildElementCount is 4 or 5 or 6));
    }

    [Fact]
    public async Task Why_leads_from_the_card_to_the_place()
    {
        var bell = Workout(await api.Get(at + "/results"), "Ferry Bell");
        var line = bell["tables"]![1]!["lines"]!.AsArray().First(l => l!["place"]!.GetValue<int>() == 4)!;
        var why = await api.Get($"{at}/results/why?workout={bell["workout"]}&entry={line["entry"]}");
        var said = why["steps"]!.AsArray().SelectMany(s => s!["sentences"]!.AsArray().Select(t => (string)t!)).ToList();
        Assert.Contains(said, t => t.StartsWith("Card ", StringComparison.Ordinal) && t.Contains("lane", StringComparison.Ordinal));
        Assert.Contains(said, t => t.StartsWith("4th of ", StringComparison.Ordinal));
        Assert.Contains(said, t => t.StartsWith("Before it stands ", StringComparison.Ordinal));
        Assert.Contains(said, t => t.StartsWith("Together ", StringComparison.Ordinal));
        // Who typed and who judged is nobody’s business here.
        Assert.DoesNotContain("Demo", why.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"{at}/results/why?workout={bell["workout"]}&entry={Guid.NewGuid()}"));
    }

    private static (int Code, string Said) Script(string export)
    {
        var start = new ProcessStartInfo("python3", ["-B", Path.Combine(AppContext.BaseDirectory, "reference", "results.py")])
        {
            RedirectStandardInput = true,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        using var script = Process.Start(start)!;
        var said = script.StandardOutput.ReadToEndAsync();
        var wrong = script.StandardError.ReadToEndAsync();
        script.StandardInput.Write(export);
        script.StandardInput.Close();
        script.WaitForExit();
        return (script.ExitCode, said.Result + wrong.Result);
    }

    /// <summary>Records of RFC 4180: cells between commas, quoted where they hold commas, quotes or line ends; every record ends with
    /// CRLF.</summary>
    private static List<List<string>> Rfc4180(string text)
    {
        var (rows, row, cell, i) = (new List<List<string>>(), new List<string>(), new System.Text.StringBuilder(), 0);
        Assert.EndsWith("\r\n", text, StringComparison.Ordinal);
        while (i < text.Length)
        {
            if (text[i] == '"')
            {
                for (i++; text[i] != '"' || (i + 1 < text.Length && text[i + 1] == '"'); i++)
                {
                    cell.Append(text[i]);
                    i += text[i] == '"' ? 1 : 0;
                }

                i++;
            }
            else
            {
                while (text[i] is not (',' or '\r'))
                {
                    Assert.False(text[i] is '"' or '\n', "a quote or a line end stands in a cell that is not quoted");
                    cell.Append(text[i++]);
                }
            }

            row.Add(cell.ToString());
            cell.Clear();
            if (text[i] == ',')
            {
                i++;
                continue;
            }

            Assert.Equal("\r\n", text.Substring(i, 2));
            i += 2;
            rows.Add(row);
            row = [];
        }

        return rows;
    }
}
