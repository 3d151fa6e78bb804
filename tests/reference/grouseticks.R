# Ticks on the heads of red grouse chicks (Elston et al. 2001), as lme4 ships them: a Poisson model with three random effects, fitted by
# Laplace’s approximation, levels found with the effects (nAGQ = 0), as ours are. Run by hand: Rscript tests/reference/grouseticks.R; what it prints stands in grouseticks.csv and grouseticks.txt.
library(lme4)
data(grouseticks)
write.csv(grouseticks[, c("INDEX", "TICKS", "BROOD", "LOCATION", "YEAR")], "tests/reference/grouseticks.csv", row.names = FALSE, quote = FALSE)
m <- glmer(TICKS ~ 0 + YEAR + (1 | INDEX) + (1 | BROOD) + (1 | LOCATION), data = grouseticks, family = poisson,
           nAGQ = 0, control = glmerControl(optimizer = "bobyqa", optCtrl = list(maxfun = 1e5)))
cat("R", paste(R.version$major, R.version$minor, sep = "."), "lme4", as.character(packageVersion("lme4")), "\n")
v <- as.data.frame(VarCorr(m))
for (i in seq_len(nrow(v))) cat("sd", v$grp[i], format(v$sdcor[i], digits = 8), "\n")
f <- fixef(m)
for (n in names(f)) cat("level", n, format(f[[n]], digits = 8), "\n")
cat("loglik", format(as.numeric(logLik(m)), digits = 9), "\n")
r <- ranef(m, condVar = TRUE)$BROOD
b <- as.data.frame(ranef(m, condVar = TRUE))
b <- b[b$grpvar == "BROOD", ]
for (i in seq_len(nrow(b))) cat("brood", as.character(b$grp[i]), format(b$condval[i], digits = 6), format(b$condsd[i], digits = 6), "\n")
