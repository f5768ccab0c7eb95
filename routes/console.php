<?php

// Commands of the artisan console; ./zebrafinch is what people use.
