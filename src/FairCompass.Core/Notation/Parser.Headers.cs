using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>The lines under the title.</content>
public sealed partial class Parser
{
    private Header? Header(DraftLine line, Cursor c)
    {
        NoChildren(line);
        if (c.Eat("for"))
        {
            return Names(c) is { } names ? new Header.For(names) : null;
        }

        if (c.Eat("a/b is"))
        {
            if (c.Eat("man/woman"))
            {
                return new Header.Order(DutyOrder.ManWoman);
            }

            return c.Eat("woman/man")
                ? new Header.Order(DutyOrder.WomanMan)
                : Nothing<Header>(c, "Which value stands before the stroke?", "man/woman or woman/man");
        }

        if (c.Eat("levels"))
        {
            var names = new List<Who>();
            do
            {
                if (names.Count > 0 && c.Eat("a board each"))
                {
                    return new Header.Levels(names.ToEq(), true);
                }

                if (Who(c) is not { } who)
                {
                    return null;
                }

                names.Add(who);
            } while (c.EatChar(','));
            return new Header.Levels(names.ToEq(), false);
        }

        if (c.Eat("groups"))
        {
            return Groups(c);
        }

        if (c.Eat("video: a rep that cannot be verified is"))
        {
            return c.Eat("no rep") ? new Header.Video(true)
                : c.Eat("undecided") ? new Header.Video(false)
                : Nothing<Header>(c, "What is a rep that cannot be verified?", "no rep or undecided");
        }

        if (c.Eat("lead-in"))
        {
            return c.Time(out var time) ? new Header.LeadIn(time) : null;
        }

        if (c.Eat("seats"))
        {
            return c.Eat("free, told at check-in") ? new Header.Seats([])
                : DutyWords(c, "the duty of each place, such as man, woman, or free, told at check-in") is { } duties
                    ? new Header.Seats(duties.ToEq())
                : null;
        }

        if (c.Eat("entries"))
        {
            return MadeUp(c);
        }

        if (c.Eat("judges:"))
        {
            return Posts(c);
        }

        return Nothing<Header>(
            c,
            "This is not a heading line.",
            "for …, a/b is …, levels …, groups …, seats …, entries …, judges: …, lead-in …, or video: …",
            ["for", "a/b is", "levels", "groups", "seats", "entries", "judges:", "lead-in", "video:"]
        );
    }

    /// <summary>Posts of a lane beyond which a number is a slip.</summary>
    private const int MostPosts = 9;

    private static Header? Posts(Cursor c)
    {
        var watches = new List<Watch>();
        do
        {
            if (c.Eat("by post") || c.Name(TokenKind.Name, "by post") is not { } place)
            {
                return Nothing<Header>(
                    c,
                    "What does this post watch?",
                    "work, hold, or the name of a station: hold by post 2",
                    ["work", "hold"]
                );
            }

            if (!c.Eat("by post"))
            {
                return Nothing<Header>(c, $"Which post watches “{place}”?", $"{place} by post 1", ["by post"]);
            }

            if (c.Int("the number of the post") is not { } post)
            {
                return null;
            }

            if (post is 0 or > MostPosts)
            {
                return Nothing<Header>(c, $"Posts have numbers from 1 to {MostPosts}.", $"{place} by post 1");
            }

            var of =
                place == "work" ? Watched.Work
                : place == "hold" ? Watched.Hold
                : Watched.Station;
            var name = of == Watched.Station ? place : null;
            if (watches.Exists(w => w.Of == of && w.Station == name))
            {
                return Nothing<Header>(c, $"“{place}” has a post already.", "each once");
            }

            watches.Add(new(of, name, post));
        } while (c.EatChar(','));
        return new Header.Judges(watches.ToEq());
    }

    /// <summary>Words of duties with commas between them.</summary>
    private static List<string>? DutyWords(Cursor c, string expected)
    {
        var duties = new List<string>();
        do
        {
            if (c.Eat("man"))
            {
                duties.Add("man");
            }
            else if (c.Eat("woman"))
            {
                duties.Add("woman");
            }
            else
            {
                return Nothing<List<string>>(c, "Who is meant?", expected, ["man", "woman"]);
            }
        } while (c.EatChar(','));
        return duties;
    }

    private static Header? MadeUp(Cursor c)
    {
        var makes = new List<string>();
        do
        {
            if (makes.Count > 0 && c.Eat("ranked"))
            {
                return c.Eat("together") ? new Header.Entries(makes.ToEq(), false)
                    : c.Eat("apart") ? new Header.Entries(makes.ToEq(), true)
                    : Nothing<Header>(c, "How are they ranked?", "together or apart");
            }

            if (new[] { "man", "woman", Competitions.LineUp.Mixed }.FirstOrDefault(m => c.Eat(m)) is not { } make)
            {
                return Nothing<Header>(c, "How may entries be made up?", "man, woman, mixed", ["man", "woman", "mixed"]);
            }

            makes.Add(make);
        } while (c.EatChar(','));
        return new Header.Entries(makes.ToEq(), null);
    }

    private static Header? Groups(Cursor c)
    {
        var groups = new List<Group>();
        do
        {
            if (c.Name(TokenKind.Name, " ") is not { } name)
            {
                return Nothing<Header>(c, "Here the name of a group is missing.", "a word and the places in the team: One 1 2");
            }

            var words = name.Split(' ', StringSplitOptions.RemoveEmptyEntries);
            var seats = new List<int>();
            foreach (var word in words.Skip(1))
            {
                if (
                    !int.TryParse(
                        word,
                        System.Globalization.NumberStyles.None,
                        System.Globalization.CultureInfo.InvariantCulture,
                        out var seat
                    ) || seat is 0 or > 99
                )
                {
                    return Nothing<Header>(c, $"“{word}” is not a place in the team.", "whole numbers from 1 to 99 after the group's name");
                }

                seats.Add(seat);
            }

            groups.Add(new(words[0], seats.ToEq()));
        } while (c.EatChar(','));
        return new Header.Groups(groups.ToEq());
    }
}
