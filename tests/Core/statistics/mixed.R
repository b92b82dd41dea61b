# What lme4 says of made-up weighings: `Rscript tests/Core/statistics/mixed.R > tests/Core/statistics/mixed.json`.
suppressMessages(library(lme4))
set.seed(20261129)
num <- function(x) paste0("[", paste(sprintf("%.12g", x), collapse = ","), "]")
whole <- function(x) paste0("[", paste(as.integer(x), collapse = ","), "]")
field <- function(name, value) paste0('"', name, '":', value)
# Weighings by chance: who, with which tool, on which scale; foods with means of their own; rows left out where there are gaps.
class_of <- function(students, times, tools, scales, foods, sds, gaps = 0, balanced = FALSE) {
  d <- expand.grid(rep = 1:times, student = 1:students)
  n <- nrow(d)
  d$tool <- if (balanced) rep_len(1:tools, n) else sample(tools, n, TRUE)
  d$scale <- if (balanced) rep_len(rep(1:scales, each = tools), n) else sample(scales, n, TRUE)
  d$food <- sample(foods, n, TRUE)
  hand <- rnorm(students, 0, sds[1])
  cup <- rnorm(tools, 0, sds[2])
  plate <- rnorm(scales, 0, sds[3])
  mean <- rnorm(foods, 0, 0.03)
  d$y <- mean[d$food] + hand[d$student] + cup[d$tool] + plate[d$scale] + rnorm(n, 0, sds[4])
  if (gaps > 0) d <- d[-sample(n, round(gaps * n)), ]
  for (one in c("student", "tool", "scale", "food")) d[[one]] <- as.integer(factor(d[[one]], levels = unique(d[[one]])))
  d
}
designs <- list(
  balanced = class_of(6, 6, 6, 3, 1, c(0.03, 0.04, 0.01, 0.02), balanced = TRUE), lab = class_of(22, 4, 6, 3, 1, c(0.03, 0.03, 0.01, 0.03)),
  gaps = class_of(22, 6, 6, 3, 1, c(0.04, 0.02, 0.01, 0.03), gaps = 0.4), tiny = class_of(4, 3, 3, 3, 1, c(0.05, 0.05, 0.03, 0.01)),
  foods = class_of(18, 8, 8, 4, 3, c(0.03, 0.02, 0.02, 0.03)), nothing = class_of(20, 4, 6, 3, 1, c(0, 0, 0, 0.03)),
  cups = class_of(20, 4, 12, 3, 1, c(0.001, 0.06, 0.001, 0.02)), hands = class_of(20, 5, 6, 3, 1, c(0.08, 0.001, 0.001, 0.02)),
  scales = class_of(15, 5, 6, 5, 2, c(0.01, 0.01, 0.06, 0.02)), large = class_of(250, 8, 60, 12, 6, c(0.03, 0.02, 0.01, 0.03)),
  gaps2 = class_of(30, 5, 10, 4, 2, c(0.02, 0.03, 0.02, 0.02), gaps = 0.25), ties = local({ d <- class_of(16, 5, 6, 3, 1, c(0.03, 0.03, 0.01, 0.02)); d$y <- round(d$y, 2); d })
)
out <- c()
for (name in names(designs)) {
  d <- designs[[name]]
  fixed <- if (max(d$food) > 1) "0 + factor(food)" else "1"
  f <- suppressMessages(lmer(as.formula(paste("y ~", fixed, "+ (1 | student) + (1 | tool) + (1 | scale)")), d, control = lmerControl(optimizer = "bobyqa", optCtrl = list(rhoend = 1e-9))))
  theta <- getME(f, "theta")[c("student.(Intercept)", "tool.(Intercept)", "scale.(Intercept)")]
  r <- ranef(f, condVar = TRUE)
  se <- function(one) sqrt(c(attr(r[[one]], "postVar")))
  out <- c(out, paste0("{", paste(c(field("name", paste0('"', name, '"')), field("y", num(d$y)), field("food", whole(d$food - 1)),
    field("factors", paste0("[", paste(c(whole(d$student - 1), whole(d$tool - 1), whole(d$scale - 1)), collapse = ","), "]")),
    field("theta", num(theta)), field("deviance", num(REMLcrit(f))), field("variance", num(sigma(f)^2)), field("means", num(fixef(f))),
    field("effects", paste0("[", paste(c(num(r$student[, 1]), num(r$tool[, 1]), num(r$scale[, 1])), collapse = ","), "]")),
    field("errors", paste0("[", paste(c(num(se("student")), num(se("tool")), num(se("scale"))), collapse = ","), "]"))), collapse = ","), "}"))
}
cat("[\n", paste(out, collapse = ",\n"), "\n]\n", sep = "")
