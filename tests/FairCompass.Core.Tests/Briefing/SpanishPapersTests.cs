using System.Text.RegularExpressions;
using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>A Spanish paper says what the English one says, with the same numbers, and falls back to English nowhere.</summary>
public partial class SpanishPapersTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    /// <summary>Words that no Spanish text has, but nearly every English sentence of the papers.</summary>
    [GeneratedRegex(
        @"\b(the|of|and|is|are|not|for|with|when|who|each|every|rounds?|reps?|done|until|next|by|or|at|to|from|after|before|has"
            + @"|gets|score|judge|athlete|lane|heat|team|bar|plates|box|gate|adds|rest|time|call|must|may|your|none|all|where|work"
            + @"|write|line|target|wall|works?|rests?|member|woman|man)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex English { get; }

    [GeneratedRegex("«[^»]*»")]
    private static partial Regex AuthorsWords { get; }

    [GeneratedRegex(@"\d+(?:[.:]\d+)*")]
    private static partial Regex Figures { get; }

    public static TheoryData<string, Audience> Papers
    {
        get
        {
            var data = new TheoryData<string, Audience>();
            foreach (var number in Depth.Demos(2, 0).Select(n => n[5..7]))
            {
                foreach (var audience in PaperNames.All)
                {
                    data.Add(number, audience);
                }
            }

            return data;
        }
    }

    private static Brief Of(string number, Audience audience, Language language) =>
        new BriefBuilder(Demo.Understand(DraftTexts.Demo(number)), null, Day, new() { Language = language }).Build(audience);

    [Theory]
    [MemberData(nameof(Papers))]
    public void No_english_word_is_left_and_every_number_is_there(string number, Audience audience)
    {
        var (spanish, english) = (Of(number, audience, Language.Spanish), Of(number, audience, Language.English));
        var left = EnglishLines(spanish, Given(number)).ToList();
        Assert.True(left.Count == 0, string.Join('\n', left));
        Assert.Equal(english.Sections.Select(s => s.Id), spanish.Sections.Select(s => s.Id));
        Assert.Equal(Numbers(english), Numbers(spanish));
    }

    /// <summary>Lines with an English word, leaving out names and what stands in quotation marks.</summary>
    internal static IEnumerable<string> EnglishLines(Brief paper, IReadOnlyCollection<string> names) =>
        BriefText
            .Lines(paper)
            .Select(l => AuthorsWords.Replace(names.Aggregate(l, (text, name) => text.Replace(name, "", StringComparison.Ordinal)), ""))
            .Select(l => TradeWords.Aggregate(l, (text, word) => text.Replace(word, "", StringComparison.OrdinalIgnoreCase)))
            .Where(l => English.IsMatch(l));

    /// <summary>What the floor says in English in every language: the movements, the longest names first, and the call.</summary>
    private static readonly string[] TradeWords =
    [
        .. MovementLibrary
            .All.SelectMany(m => new[] { m.Name.Spanish!, m.Plural.Spanish! })
            .Distinct()
            .OrderByDescending(n => n.Length)
            .Append("No rep"),
    ];

    /// <summary>Names that the head judge gave to divisions and stations stay as they are.</summary>
    private static List<string> Given(string number)
    {
        var u = Demo.Understand(DraftTexts.Demo(number));
        return u
            .Courses.Select(c => c.Address.Division.Name)
            .Concat(u.Courses.SelectMany(c => c.Pieces).Select(p => p.Piece.Station).OfType<string>())
            .Distinct()
            .ToList();
    }

    private static List<string> Numbers(Brief brief) =>
        BriefText.Lines(brief).SelectMany(l => Figures.Matches(l).Select(m => m.Value)).Order(StringComparer.Ordinal).ToList();

    [Fact]
    public void Every_construct_of_the_notation_has_spanish_words() =>
        WorkoutGen.Any.Sample(
            w =>
            {
                var tongue = Tongue.Spanish with { Movement = _ => "ejercicio" };
                var lines = SpokenWork.Of(w.Stages, tongue).Select(l => AuthorsWords.Replace(l.Text, "")).ToList();
                return lines.TrueForAll(l => !Keywords.IsMatch(l));
            },
            iter: 1500
        );

    [GeneratedRegex(
        @"\b(unset|rounds?|cycles?|between|stations?|share|hold|re-rig|help|note|touch|first|then|gate|adds|own rest|heaviest"
            + @"|marks every|counts|credited|uncounted|only|choose|when|until|swap|silent|relay|waves|complex|in any order|tries|each"
            + @"|a turn|members)\b"
    )]
    private static partial Regex Keywords { get; }
}
