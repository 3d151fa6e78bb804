using System.Text.Json.Serialization;
using FairCompass.Core.Commands;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Interviewing;

/// <summary>One usual answer.</summary>
/// <param name="Label">The answer.</param>
/// <param name="OnTheFloor">What it leads to, with an example of this very workout.</param>
/// <param name="Recommended">True for the one that is recommended.</param>
/// <param name="Edit">The change of the text that gives the answer.</param>
/// <param name="Command">The same change as a command, which holds for the draft as it stands when it is given.</param>
/// <param name="ForAll">The same answer for the whole competition; null where only this workout can say it.</param>
public sealed record Answer(Said Label, Said OnTheFloor, bool Recommended, TextEdit Edit, Command Command, PolicyChoice? ForAll)
{
    /// <summary>Changes of other lines that belong to it, each in the text as it stands; none as a rule.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<TextEdit> More { get; init; }

    /// <summary>The text after all of it.</summary>
    /// <param name="body">Lines separated by <c>\n</c>.</param>
    public string ApplyTo(string body) => new Mend(Label.English, Edit) { More = More }.ApplyTo(body);
}

/// <summary>Something that must be answered before a workout is published.</summary>
/// <param name="Id">The rule or topic that asks.</param>
/// <param name="Line">The line that raises it, from 1.</param>
/// <param name="Asks">The question.</param>
/// <param name="Why">Why it has to be said before.</param>
/// <param name="Answers">The usual answers; empty when only the author can say it, in the text.</param>
/// <param name="TakesWords">True when the answer may be given in one’s own words.</param>
public sealed record Question(string Id, int Line, Said Asks, Said Why, Eq<Answer> Answers, bool TakesWords)
{
    /// <summary>The line that raises it, without the spaces before it, where its author may write it anew; null for a question on which an
    /// answer is a rule of its own.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Written { get; init; }
}
