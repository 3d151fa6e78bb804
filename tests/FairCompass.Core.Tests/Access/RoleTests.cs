using FairCompass.Access;

namespace FairCompass.Core.Tests.Access;

/// <summary>The table of roles, held against what it is for.</summary>
public class RoleTests
{
    private static IEnumerable<Role> Roles => Enum.GetValues<Role>();

    [Fact]
    public void Only_an_organiser_manages_people() =>
        Assert.Equal([Role.Organiser], Roles.Where(r => RoleRights.Of(r).Contains(Right.Manage)));

    [Fact]
    public void An_organiser_may_what_anybody_may_but_see_how_judges_eyes_are() =>
        Assert.All(
            Roles,
            r => Assert.Equal(r == Role.HeadJudge ? [Right.SeeEyes] : [], RoleRights.Of(r).Except(RoleRights.Of(Role.Organiser)))
        );

    [Fact]
    public void Whoever_changes_something_sees_it() =>
        Assert.All(
            Roles.Where(r => RoleRights.Of(r).Any(x => x is Right.Write or Right.Settle or Right.Publish or Right.Answer)),
            r => Assert.Contains(Right.Look, RoleRights.Of(r))
        );

    [Fact]
    public void Whoever_measures_sees_what_was_measured() =>
        Assert.All(Roles.Where(r => RoleRights.Of(r).Contains(Right.Measure)), r => Assert.Contains(Right.SeeMeasured, RoleRights.Of(r)));

    [Fact]
    public void A_link_changes_nothing_but_ones_own_training_and_shows_no_draft() =>
        Assert.All(
            RoleRights.ByLink,
            r =>
                Assert.Equal(
                    r switch
                    {
                        Role.Reader => [Right.ReadPublished],
                        Role.Judge => [Right.ReadPublished, Right.SeeField, Right.Train],
                        _ => [Right.ReadPublished, Right.SeeField],
                    },
                    RoleRights.Of(r).Order()
                )
        );

    [Fact]
    public void Several_roles_are_what_each_is()
    {
        foreach (var (one, other) in Roles.SelectMany(a => Roles.Select(b => (a, b))))
        {
            foreach (var right in Enum.GetValues<Right>().Where(RoleRights.OfCompetition))
            {
                Assert.Equal(RoleRights.Allow([one], right) || RoleRights.Allow([other], right), RoleRights.Allow([one, other], right));
            }
        }

        Assert.DoesNotContain(Enum.GetValues<Right>(), r => RoleRights.Allow([], r));
    }
}
