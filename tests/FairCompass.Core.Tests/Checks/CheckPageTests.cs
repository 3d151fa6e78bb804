using System.Text;
using FairCompass.Core.Checks;
using FairCompass.Core.Drafts;

namespace FairCompass.Core.Tests.Checks;

/// <summary>The page that documents the checks is generated from them.</summary>
public class CheckPageTests
{
    [Fact]
    public void The_page_of_checks_is_current()
    {
        var page = new StringBuilder(
            "# The checks\n\nGenerated from the list in the code. *Must be settled*: cannot be run or judged as it stands. "
                + "*Should be settled*: will lead to argument on the floor. *Worth a look*: may well be meant.\n"
        );
        page.Append(
            "\n## A line that is not understood\n\n`not-understood` · must be settled\n\nThe line says where the reading "
                + "stopped and what was expected; its neighbours are still understood.\n"
        );
        foreach (var check in CheckList.All)
        {
            var severity = check.Severity switch
            {
                Severity.MustFix => "must be settled",
                Severity.ShouldFix => "should be settled",
                _ => "worth a look",
            };
            page.Append($"\n## {check.Title}\n\n`{check.Id}` · {severity}\n\n{check.Why}\n");
        }

        page.Append(
            $"\n## Between the workouts of a competition\n\n`{BetweenWorkouts.TitlesTwice}` · should be settled\n\n"
                + $"Two are called alike but for case and accents.\n\n`{BetweenWorkouts.OtherStandard}` · worth a look\n\n"
                + "One words a rule of a movement for itself that others leave as the book has it. "
                + "Both stand on the page of the checks, not beside a draft.\n"
        );
        Docs.Same("checks.md", page.ToString());
    }
}
