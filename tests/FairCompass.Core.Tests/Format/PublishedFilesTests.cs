using System.Text.Json;
using System.Text.Json.Nodes;
using FairCompass.Core.Drafts;
using FairCompass.Core.Format;
using FairCompass.Core.InForce;
using FairCompass.Core.Json;
using FairCompass.Core.Languages;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Format;

/// <summary>What was published stays what it was: through files, through a later library, and through a later reading.</summary>
public class PublishedFilesTests
{
    private const string Text =
        "Short Bell\n  for Tideline, Meadow\n\n6:00 for reps\n  rounds without end\n    10 toes-to-bar\n"
        + "policy feet on the bar, for Meadow: one after the other\n";

    private static PublishedDocument Published(string text = Text) => PublishedDocument.Of(Demo.Understand(text));

    /// <summary>Files of the first version, kept for ever; a document of today is kept the same way.</summary>
    [Theory]
    [InlineData("golden/published-1", false)]
    [InlineData("golden/published-2", true)]
    public void What_was_written_once_is_read_for_ever(string file, bool hasDefinition)
    {
        var json = DraftTexts.Read(file);
        var document = PublishedFiles.Read(json);
        Assert.Equal(hasDefinition, document.Definition is not null);
        Assert.Equal(hasDefinition, document.Standards.Count > 0);
        var understood = document.Understand();
        Assert.Equal("Short Bell", understood.Workout.Title);
        Assert.Equal(2, understood.Courses.Select(c => c.Address.Division.Name).Distinct().Count());
        if (hasDefinition)
        {
            Assert.Equal(json.TrimEnd(), PublishedFiles.Write(document));
            Assert.StartsWith(
                DraftTexts.Read("golden/published-2-sha256.txt").Trim(),
                Fingerprint.Of(understood).Sha256,
                StringComparison.Ordinal
            );
        }
    }

    [Fact]
    public void A_newer_program_or_another_file_is_refused_by_name()
    {
        var json = JsonNode.Parse(PublishedFiles.Write(Published()))!;
        json["version"] = PublishedFiles.Version + 1;
        var newer = Assert.Throws<JsonException>(() => PublishedFiles.Read(json.ToJsonString()));
        Assert.Equal("$.version", JsonPlace.Of(newer));
        json["version"] = PublishedFiles.Version;
        json["format"] = ExchangeFiles.WorkoutFormat;
        Assert.Equal("$.format", JsonPlace.Of(Assert.Throws<JsonException>(() => PublishedFiles.Read(json.ToJsonString()))));
        json["format"] = PublishedFiles.Format;
        json["colour"] = "red";
        Assert.Equal("$.colour", JsonPlace.Of(Assert.ThrowsAny<JsonException>(() => PublishedFiles.Read(json.ToJsonString()))));
    }

    /// <summary>The library of tomorrow says a clause in other words; the papers of yesterday keep theirs, in both languages.</summary>
    [Fact]
    public void A_published_version_keeps_the_wording_it_was_published_with()
    {
        var document = Published();
        var reworded = document.Standards.Select(s => s with { Movement = Reworded(s.Movement) }).ToEq();
        var later = PublishedFiles.Read(PublishedFiles.Write(document with { Standards = reworded })).Understand();
        var book = StandardsBook.Of(later.Competition);
        var movement = book.Find("toes-to-bar")!;
        Assert.All(
            later.Courses.Select(c => (string?)c.Address.Division.Name).Append(null),
            division =>
                Assert.Equal(
                    [("As it was said then.", "Como se decía entonces.")],
                    book.InForce(movement, division, later.Workout).Clauses.Select(c => (c.Text.English, c.Text.Spanish!)).Distinct()
                )
        );
        // Nobody else's standards are touched.
        var today = Demo.Understand(Text);
        Assert.Equal(Fingerprint.Of(today), Fingerprint.Of(document.Understand()));
        Assert.NotEqual(Fingerprint.Of(today), Fingerprint.Of(later));
    }

    [Fact]
    public void Divisions_keep_what_was_decided_for_them_alone()
    {
        var understood = PublishedFiles.Read(PublishedFiles.Write(Published())).Understand();
        var book = StandardsBook.Of(understood.Competition);
        var today = StandardsBook.Of(Demo.Competition);
        foreach (var division in new string?[] { null, "Tideline", "Meadow" })
        {
            Assert.Equal(
                Clauses(today.InForce(today.Find("toes-to-bar")!, division, understood.Workout)),
                Clauses(book.InForce(book.Find("toes-to-bar")!, division, understood.Workout))
            );
        }

        static List<(string, string, string?)> Clauses(Movement m) =>
            m.Clauses.Select(c => (c.Id, c.Text.English, c.Text.Spanish)).ToList();
    }

    /// <summary>A later reading that finds another meaning in the text does not change what was published.</summary>
    [Fact]
    public void The_meaning_that_was_published_holds_over_a_later_reading()
    {
        var document = Published() with { Text = Text.Replace("10 toes-to-bar", "12 toes-to-bar", StringComparison.Ordinal) };
        var understood = PublishedFiles.Read(PublishedFiles.Write(document)).Understand();
        Assert.Equal(Fingerprint.Of(Demo.Understand(Text)).Sha256, Fingerprint.Of(understood).Sha256);
        Assert.Contains("10 toes-to-bar", understood.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_ruling_comes_on_top_of_what_was_published()
    {
        var document = Published();
        var reworded = document with { Standards = document.Standards.Select(s => s with { Movement = Reworded(s.Movement) }).ToEq() };
        var made = Rulings.Make(reworded, Text, "toes-to-bar", "Both feet touch at once.", 1, new DateOnly(2027, 5, 8));
        var understood = PublishedFiles.Read(PublishedFiles.Write(Assert.IsType<MadeRuling>(made.Value).Document)).Understand();
        var book = StandardsBook.Of(understood.Competition);
        Assert.Equal(
            ["As it was said then.", "Both feet touch at once."],
            book.InForce(book.Find("toes-to-bar")!, "Meadow", understood.Workout).Clauses.Select(c => c.Text.English).Distinct().Order()
        );
        Assert.Single(understood.Workout.Policies.OfType<Policy.ClauseOf>());
    }

    private static Movement Reworded(Movement m) =>
        m with
        {
            Clauses = m.Clauses.Select(c => c with { Text = new Said("As it was said then.", "Como se decía entonces.") }).ToEq(),
        };
}
