namespace FairCompass.Core.Tests.Playing;

/// <content>How a team shares what it does.</content>
internal sealed partial class PlausibleDrafts
{
    private string Sharing() =>
        random.Next(8) switch
        {
            5 => "one at a time, any split, at least 2 each, count by member, short is owed",
            6 => "one at a time, any split, count by member",
            7 => "one at a time, hand over after 4 reps",
            0 => "one at a time, any split",
            1 => "one at a time, any split, at least 2 each",
            2 => "one at a time, in rotation",
            3 => "one at a time, any split, at most 8 in a row",
            _ => "any number at a time",
        };
}
